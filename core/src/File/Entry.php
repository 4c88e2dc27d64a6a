<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Symfony\Component\Yaml\Yaml;

/** One entry of a block of YAML as it stands in a text: the comments before it, and its lines. */
final readonly class Entry
{
    /** A key as it is written, plain or in quotes. */
    private const KEY = '("[^"]*"|\'[^\']*\'|[^\s#"\'][^:]*)';

    /**
     * @param  list<string>  $lead  lines before it: comments, and empty ones
     * @param  list<string>  $lines  of its own, one at least
     */
    public function __construct(public string $key, public array $lead, public array $lines)
    {
    }

    /**
     * The entries of a block, and what comes after the last one.
     *
     * @param  list<string>  $lines
     * @param  int  $indent  columns that its keys are set in
     * @return array{list<self>, list<string>}
     */
    public static function of(array $lines, int $indent): array
    {
        $keys = [];
        foreach ($lines as $n => $line) {
            if (preg_match('/^ {'.$indent.'}'.self::KEY.':(?:\s|$)/', $line, $found) === 1) {
                $keys[$n] = trim($found[1], '"\'');
            }
        }
        $begins = [...array_keys($keys), count($lines)];
        $lead = array_slice($lines, 0, $begins[0]);
        $entries = [];
        foreach (array_values($keys) as $n => $key) {
            $own = array_slice($lines, $begins[$n], $begins[$n + 1] - $begins[$n]);
            $end = count($own);
            while ($end > 1 && self::isBetween($own[$end - 1], $indent)) {
                $end--;
            }
            $entries[] = new self($key, $lead, array_slice($own, 0, $end));
            $lead = array_slice($own, $end);
        }

        return [$entries, $lead];
    }

    /** Whether a line belongs to nothing: empty, or a comment no further in than the keys. */
    private static function isBetween(string $line, int $indent): bool
    {
        $text = ltrim($line);

        return $text === '' || $text[0] === '#' && strlen($line) - strlen($text) <= $indent;
    }

    /** The same lines with another key before them. */
    public function named(string $key): self
    {
        $first = preg_replace_callback(
            '/^( *)'.self::KEY.':/',
            static fn (array $found): string => $found[1].Yaml::dump($key).':',
            $this->lines[0],
        );

        return new self($key, $this->lead, [$first ?? $this->lines[0], ...array_slice($this->lines, 1)]);
    }

    /** Columns that the keys within it are set in, or 0 where it is no block of keys. */
    public function indentWithin(): int
    {
        if (preg_match('/:\s*(#.*)?$/', $this->lines[0]) !== 1) {
            return 0;
        }
        foreach (array_slice($this->lines, 1) as $line) {
            if (preg_match('/^( *)[^\s#]/', $line, $found) === 1) {
                return strlen($found[1]);
            }
        }

        return 0;
    }

    /**
     * Comments between its lines, set in so many columns: where the lines are written anew, they stand before them.
     *
     * @return list<string>
     */
    public function commentsWithin(int $indent): array
    {
        $comments = array_filter(
            array_map(ltrim(...), array_slice($this->lines, 1)),
            static fn (string $line): bool => str_starts_with($line, '#'),
        );

        return array_map(static fn (string $comment): string => str_repeat(' ', $indent).$comment, array_values($comments));
    }

    /** The comment behind it, where it stands in one line. */
    public function remark(): string
    {
        return count($this->lines) === 1 && preg_match('/[}\]]\s+(#.*)$/', $this->lines[0], $found) === 1 ? ' '.$found[1] : '';
    }
}

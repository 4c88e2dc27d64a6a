<?php

declare(strict_types=1);

namespace Levin\Core\File;

/**
 * How large a text may be before it is read at all. A unit of 120 parts is some 50 kB; what is far beyond that is a mistake, or meant
 * to keep the reader busy.
 */
final class Bounds
{
    private const BYTES = 524_288;

    private const LINES = 6000;

    private const ENTRIES = 15_000;

    private const DEPTH = 24;

    /** Nothing when the text may be read. */
    public static function broken(string $text): ?Problem
    {
        $lines = substr_count($text, "\n") + 1;
        $remedy = 'A file holds one unit: take out what is not part of it.';
        if (strlen($text) > self::BYTES) {
            $sizes = sprintf('%d kB of %d', strlen($text) / 1024, self::BYTES / 1024);

            return new Problem(null, '', "It is larger than any unit: $sizes.", $remedy);
        }
        if ($lines > self::LINES) {
            return new Problem(null, '', sprintf('It is longer than any unit: %d lines of %d.', $lines, self::LINES), $remedy);
        }
        $entries = substr_count($text, ':');
        if ($entries > self::ENTRIES) {
            return new Problem(null, '', sprintf('It has more in it than any unit: %d entries of %d.', $entries, self::ENTRIES), $remedy);
        }
        $alias = self::firstAlias($text);
        if ($alias !== null) {
            $remedy = 'Write each value out where it belongs, or quote the text.';

            return new Problem($alias, '', 'It has an anchor or an alias (& or *).', $remedy);
        }
        $deep = self::tooDeep($text);

        return $deep === null ? null : new Problem(
            $deep,
            '',
            sprintf('It is nested more than %d levels deep.', self::DEPTH),
            'Nothing in this format lies so deep: check the indentation and the brackets there.',
        );
    }

    /** The first line in which a value is named to be used again, or used again: a few of those can stand for millions. */
    private static function firstAlias(string $text): ?int
    {
        foreach (explode("\n", $text) as $n => $line) {
            if (preg_match('/(^\s*|: +|- +|[\[{,] *)[&*]\w/', preg_replace('/\'[^\']*\'|"[^"]*"|(^|\s)#.*/', '', $line) ?? $line) === 1) {
                return $n + 1;
            }
        }

        return null;
    }

    /** The first line that lies too deep, by its indentation or by its brackets. */
    private static function tooDeep(string $text): ?int
    {
        $indents = [];
        $brackets = 0;
        foreach (explode("\n", $text) as $n => $line) {
            $bare = ltrim($line, ' ');
            if ($bare === '' || $bare[0] === '#') {
                continue;
            }
            $indent = strlen($line) - strlen($bare);
            while ($indents !== [] && end($indents) >= $indent) {
                array_pop($indents);
            }
            $indents[] = $indent;
            $deepest = $brackets;
            preg_match_all('/[\[\]{}]/', $bare, $found);
            foreach ($found[0] as $bracket) {
                $brackets += $bracket === '{' || $bracket === '[' ? 1 : -1;
                $deepest = max($deepest, $brackets);
            }
            if (count($indents) + $deepest > self::DEPTH) {
                return $n + 1;
            }
        }

        return null;
    }
}

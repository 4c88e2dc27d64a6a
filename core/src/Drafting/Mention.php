<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/** Where a file names something of a part, and by what name it names it from now on. */
final readonly class Mention
{
    /** Letters of what is read aloud: nothing in them is a point. */
    private const SAID = ['label', 'title', 'notes', 'supply', 'printed', 'on', 'off', 'cause', 'colour', 'bundle'];

    /**
     * @param  array<string, string>  $patterns  what takes the place of each
     * @param  array<string, string>  $points  the same of whole points
     */
    private function __construct(private array $patterns, private array $points = [])
    {
    }

    /** A part: its points, and rules that ask what is seen of it. */
    public static function renamed(string $part, string $name): self
    {
        $quoted = preg_quote($part, '/');

        return new self(["/^$quoted(?=\\.[^.]+$)/" => $name, "/^((?:not )?)$quoted(?= )/" => "\\1$name"]);
    }

    /**
     * Points of a part.
     *
     * @param  array<array-key, string>  $terminals  the new one, by the old
     */
    public static function relettered(string $part, array $terminals): self
    {
        $points = [];
        foreach ($terminals as $old => $new) {
            $points["$part.$old"] = "$part.$new";
        }

        return new self([], $points);
    }

    /**
     * What is seen of a part, in rules that ask for it.
     *
     * @param  array<string, string>  $words  the new ones, by the old
     */
    public static function reseen(string $part, array $words): self
    {
        $patterns = [];
        foreach ($words as $old => $new) {
            $patterns['/^((?:not )?'.preg_quote($part, '/').') '.preg_quote($old, '/').'$/'] = "\\1 $new";
        }

        return new self($patterns);
    }

    public function in(mixed $value, string $key = ''): mixed
    {
        if (in_array($key, self::SAID, true)) {
            return $value;
        }
        if (is_string($value)) {
            return $this->points[$value] ?? preg_replace(array_keys($this->patterns), $this->patterns, $value);
        }
        if (is_array($value)) {
            foreach ($value as $k => $one) {
                $value[$k] = $this->in($one, is_string($k) ? $k : $key);
            }
        }

        return $value;
    }
}

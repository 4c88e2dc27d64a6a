<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** Where a limit or a formula comes from. */
final readonly class Source
{
    /** @param  string  $words  as they stand beside what rests on it */
    private function __construct(public string $words)
    {
    }

    /**
     * A standard, table or handbook.
     *
     * @param  bool  $atHand  whether its page was at hand, or it is from memory
     */
    public static function published(string $where, bool $atHand = false): self
    {
        return new self($where.($atHand ? '' : ' (from memory)'));
    }

    public static function physics(string $what): self
    {
        return new self("Physics: $what");
    }

    public static function practice(): self
    {
        return new self('Common practice, no published source');
    }

    /** What the part itself says. */
    public static function plate(): self
    {
        return new self("The part's own plate, or its maker's values");
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Parts\Symbol;

/** A wire or a symbol between two points, on its way into the drawing. */
final readonly class Edge
{
    /** Least widths on the drawing. */
    public const WIRE = 66.0;

    public const SYMBOL = 92.0;

    /** @param  Symbol|null  $symbol null for a wire */
    public function __construct(public string $id, public string $a, public string $b, public ?Symbol $symbol = null)
    {
    }

    public function other(string $point): string
    {
        return $this->a === $point ? $this->b : $this->a;
    }

    /** Least width on the drawing. */
    public function width(): float
    {
        return $this->symbol === null ? self::WIRE : self::SYMBOL;
    }
}

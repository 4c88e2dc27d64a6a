<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Parts\Symbol;

/** A load on three lines. */
final readonly class ThreeLines
{
    /** @param  list<string>  $points  in the order of its terminals */
    public function __construct(public string $part, public Symbol $symbol, public array $points)
    {
    }

    /** The same for the same load. */
    public function key(): string
    {
        return $this->symbol->key($this->part);
    }
}

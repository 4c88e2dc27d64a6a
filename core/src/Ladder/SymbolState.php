<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Part;
use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;
use Levin\Core\Parts\Symbol;

/** How a symbol stands. */
final readonly class SymbolState
{
    /**
     * @param  string  $id  the drawn symbol's, see Symbol::key
     * @param  bool  $closed  whether it joins its two points by metal now
     * @param  Energy  $across  between the two: that of both where it is closed, dead where there is a gap or a load
     * @param  string  $seen  what eyes and ears would report of the part; empty when nothing
     */
    private function __construct(
        public string $id,
        public bool $closed,
        public Energy $across,
        public string $seen,
    ) {
    }

    /** @param  array<string, Energy>  $energy  by point */
    public static function of(Part $part, Symbol $symbol, Settled $settled, array $energy): self
    {
        [$a, $b] = [$part->point($symbol->left), $part->point($symbol->right)];
        $closed = $settled->conducts($part->id, $a, $b);
        [$left, $right] = [$energy[$a], $energy[$b]];

        return new self(
            $symbol->key($part->id),
            $closed,
            $closed && $left === $right ? $left : Energy::Dead,
            $settled->observed($part->id),
        );
    }
}

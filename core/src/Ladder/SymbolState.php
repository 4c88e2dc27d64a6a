<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;

/** How a symbol stands. */
final readonly class SymbolState
{
    /**
     * @param  string  $id  the drawn symbol's
     * @param  bool  $closed  whether it joins its two points by metal now
     * @param  Energy  $left  of the lead on its left
     * @param  Energy  $right  of the lead on its right
     * @param  Energy  $across  between the two: that of both where it is closed, dead where there is a gap or a load
     * @param  string  $seen  what eyes and ears would report of the part; empty when nothing
     */
    private function __construct(
        public string $id,
        public bool $closed,
        public Energy $left,
        public Energy $right,
        public Energy $across,
        public string $seen,
    ) {
    }

    /** @param  array<string, Energy>  $energy  by point */
    public static function of(DrawnSymbol $symbol, Settled $settled, array $energy): self
    {
        $closed = $settled->conducts($symbol->part, $symbol->left, $symbol->right);
        [$left, $right] = [$energy[$symbol->left], $energy[$symbol->right]];

        return new self(
            $symbol->id,
            $closed,
            $left,
            $right,
            $closed && $left === $right ? $left : Energy::Dead,
            $settled->observed($symbol->part),
        );
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Wire;
use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;

/** What a unit does, said of whatever can be drawn of it: which wires are live, which contacts are closed, what is seen. */
final readonly class DrawnState
{
    /**
     * @param  list<PointState>  $points
     * @param  list<SymbolState>  $symbols
     * @param  list<WireState>  $wires
     */
    private function __construct(public array $points, public array $symbols, public array $wires)
    {
    }

    public static function of(Settled $settled): self
    {
        $energy = Energy::drawn($settled);
        $symbols = [];
        foreach ($settled->model->parts as $id => $kind) {
            foreach ($kind->symbols() as $symbol) {
                $symbols[] = SymbolState::of($kind->part, $symbol, $settled, $energy);
            }
        }

        return new self(
            array_map(PointState::of(...), array_keys($energy), array_values($energy)),
            $symbols,
            array_values(array_map(
                static fn (Wire $w): WireState => WireState::of($w, $settled, $energy),
                $settled->model->circuit->wires,
            )),
        );
    }
}

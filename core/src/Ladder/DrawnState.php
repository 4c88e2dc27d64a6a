<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;

/** What a unit does, said of its drawing: which conductors are live, which contacts are closed, what is seen. */
final readonly class DrawnState
{
    /**
     * @param  list<PointState>  $points
     * @param  list<SymbolState>  $symbols
     * @param  list<ConductorState>  $conductors
     */
    private function __construct(public array $points, public array $symbols, public array $conductors)
    {
    }

    public static function of(Drawing $drawing, Settled $settled): self
    {
        $energy = Energy::ofPoints($settled);
        $points = [];
        foreach ($energy as $point => $e) {
            $points[] = new PointState($point, $e);
        }

        return new self(
            $points,
            array_map(static fn (DrawnSymbol $s): SymbolState => SymbolState::of($s, $settled, $energy), $drawing->symbols),
            array_map(static fn (DrawnConductor $c): ConductorState => ConductorState::of($c, $settled, $energy), $drawing->conductors),
        );
    }
}

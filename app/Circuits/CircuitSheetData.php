<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Circuit\Wire;
use Levin\Core\Ladder\Closeup;
use Levin\Core\Ladder\Drawing;
use Levin\Core\Ladder\Layout;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Sequence;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Kind;

/** All of a circuit revision that stays the same whatever the unit does. */
final readonly class CircuitSheetData extends Data
{
    /**
     * @param  list<Closeup>  $rungs  every rung by itself, in order
     * @param  list<PartData>  $parts
     * @param  list<WireData>  $wires
     * @param  list<QuantityData>  $quantities  that there are instruments for
     * @param  list<SequenceStepData>  $sequence  what it does, healthy, after the call comes on
     */
    private function __construct(
        public string $title,
        public Drawing $drawing,
        public array $rungs,
        public array $parts,
        public array $wires,
        public array $quantities,
        public array $sequence,
    ) {
    }

    public static function of(Settler $settler): self
    {
        return self::with($settler->model, array_map(SequenceStepData::of(...), Sequence::of($settler)));
    }

    /** Of a circuit that is being made: what it does is asked for by itself. */
    public static function drawn(Model $model): self
    {
        return self::with($model, []);
    }

    /** @param  list<SequenceStepData>  $sequence */
    private static function with(Model $model, array $sequence): self
    {
        $layout = new Layout($model);

        return new self(
            $model->circuit->title,
            $layout->whole(),
            $layout->closeups(),
            array_values(array_map(static fn (Kind $k): PartData => PartData::of($k, $model->circuit), $model->parts)),
            array_values(array_map(static fn (Wire $w): WireData => WireData::of($w), $model->circuit->wires)),
            array_map(static fn (string $q): QuantityData => QuantityData::of($model->circuit->quantity($q)), $model->circuit->measured()),
            $sequence,
        );
    }
}

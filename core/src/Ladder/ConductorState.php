<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;

/** How a drawn conductor stands. */
final readonly class ConductorState
{
    /**
     * @param  string  $id  the drawn conductor's
     * @param  Energy  $energy  what a careful person must assume of its whole length
     * @param  bool  $whole  false for a wire that is lifted or does not conduct
     */
    private function __construct(public string $id, public Energy $energy, public bool $whole)
    {
    }

    /** @param  array<string, Energy>  $energy  by point */
    public static function of(DrawnConductor $conductor, Settled $settled, array $energy): self
    {
        $wire = $conductor->wire === '' ? null : $settled->model->circuit->wire($conductor->wire);
        if ($wire === null) {
            return new self($conductor->id, $energy[$conductor->from]->orWorse($energy[$conductor->to]), true);
        }
        // a lifted wire hangs on its second end; of a broken one nobody knows where it is broken
        $hangs = $settled->conditions->hasLifted($wire->id);
        $stands = $hangs ? $energy[$wire->to] : $energy[$wire->from]->orWorse($energy[$wire->to]);

        return new self($conductor->id, $stands, $settled->conducts($wire->id, $wire->from, $wire->to));
    }
}

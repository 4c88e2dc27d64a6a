<?php

declare(strict_types=1);

namespace App\Units;

use App\Api\Data;
use App\Circuits\CircuitRevision;

/** The circuit a unit has now. */
final readonly class UnitCircuitData extends Data
{
    /** @param  int  $revision  its id, to ask for its sheet by */
    private function __construct(public string $id, public int $revision, public int $number, public string $title, public string $supply)
    {
    }

    public static function of(CircuitRevision $newest): self
    {
        return new self($newest->circuit_id, $newest->id, $newest->number, $newest->title, $newest->supply);
    }
}

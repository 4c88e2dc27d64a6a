<?php

declare(strict_types=1);

namespace App\Units;

use App\Api\Data;

/** A unit by its nameplate, with the circuit it has now. */
final readonly class UnitData extends Data
{
    /**
     * @param  string  $serves  the spaces it serves
     * @param  string  $thermostat  where what calls it hangs
     * @param  string  $critical  what is lost where it stands; nothing where it can wait
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $place,
        public string $serves,
        public string $thermostat,
        public string $critical,
        public string $maker,
        public string $model,
        public string $serial,
        public int $installed,
        public SiteData $site,
        public UnitCircuitData $circuit,
    ) {
    }

    /** @param  Unit  $unit  with its site and its circuit's newest revision */
    public static function of(Unit $unit): self
    {
        return new self(
            $unit->id,
            $unit->name,
            $unit->place,
            $unit->serves,
            $unit->thermostat,
            $unit->critical,
            $unit->maker,
            $unit->model,
            $unit->serial,
            $unit->installed,
            SiteData::of($unit->site),
            UnitCircuitData::of($unit->circuit->newest),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use App\Units\Unit;

/** The unit a call is about. */
final readonly class CallUnitData extends Data
{
    /**
     * @param  string  $serves  the spaces it serves
     * @param  string  $thermostat  where what calls it hangs
     * @param  string  $critical  what is lost where it stands; nothing where it can wait
     */
    private function __construct(
        public int $id,
        public string $name,
        public int $siteId,
        public string $site,
        public string $address,
        public string $serves,
        public string $thermostat,
        public string $critical,
    ) {
    }

    public static function of(Unit $unit): self
    {
        return new self(
            $unit->id,
            $unit->name,
            $unit->site_id,
            $unit->site->name,
            $unit->site->address,
            $unit->serves,
            $unit->thermostat,
            $unit->critical,
        );
    }
}

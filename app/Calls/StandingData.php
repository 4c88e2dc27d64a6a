<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Circuit\Condition;
use Levin\Core\Record\Standing;

/** How a call stands after its events. */
final readonly class StandingData extends Data
{
    /**
     * @param  list<ConditionData>  $conditions
     * @param  list<string>  $lifted  wires
     * @param  list<string>  $powerStillOn  labels of switches
     * @param  list<string>  $removed  parts pulled or unplugged
     * @param  list<string>  $outOfReach  places, as the circuit names them
     * @param  bool  $mustRun  whether it may not be shut down until it cycles off
     * @param  list<string>  $putOff  keys of tests
     * @param  float  $highestVolts  between any two conductors that are live or common
     */
    private function __construct(
        public array $conditions,
        public array $lifted,
        public bool $provedDead,
        public array $powerStillOn,
        public array $removed,
        public array $outOfReach,
        public bool $mustRun,
        public array $putOff,
        public float $highestVolts,
        public bool $closed,
    ) {
    }

    public static function of(Standing $standing, float $highestVolts): self
    {
        return new self(
            array_values(array_map(
                static fn (Condition $c): ConditionData => ConditionData::of($c, $standing->conditions->isOn($c->name)),
                $standing->circuit->conditions,
            )),
            $standing->conditions->lifted,
            $standing->provedDead,
            $standing->powerStillOn(),
            $standing->conditions->removed,
            $standing->limits->places,
            $standing->limits->mustRun,
            $standing->limits->putOff,
            $highestVolts,
            $standing->closed,
        );
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\MeterFunction;

/** A test that could be made next: look at a part, or put the meter on two points. */
final readonly class Candidate
{
    /**
     * @param  MeterFunction|null  $function  null for an observation
     * @param  string  $red  the red probe's point, or the observed part
     * @param  list<string>  $lift  wires to lift first
     * @param  float  $minutes  getting there, getting ready and reading
     * @param  float  $risk  factor on the minutes; 1 is a 24 V reading or a dead one
     */
    public function __construct(
        public ?MeterFunction $function,
        public string $red,
        public string $black,
        public Conditions $conditions,
        public array $lift,
        public float $minutes,
        public float $risk,
    ) {
    }
}

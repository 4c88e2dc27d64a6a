<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Parts\Faults;

/** What may be left of a unit once power is off. */
final readonly class Remains
{
    /**
     * @param  int  $number  its own among all variants', below zero
     * @param  float  $share  how often it is so
     * @param  array<string, string>  $states
     * @param  array<int, float>  $phases  chance of each scene in which power was cut, by number
     */
    public function __construct(
        public Faults $faults,
        public int $number,
        public float $share,
        public array $states,
        public array $phases,
    ) {
    }

    /** How often it is so of all times that power is cut in a scene. */
    public function shareOf(int $cut): float
    {
        return $this->share * ($this->phases[$cut] ?? 0.0);
    }
}

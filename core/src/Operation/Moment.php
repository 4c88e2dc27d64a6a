<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Network\Factorisation;

/** One moment of a course: what is asked of every part then, before any has answered. */
final readonly class Moment
{
    /**
     * @param  float  $time  seconds
     * @param  array<string, string>  $states
     * @param  bool  $isRest  whether nothing moved, so that timers were asked for as well
     * @param  list<string>  $looking  parts that looked at direct voltages
     */
    public function __construct(
        public float $time,
        public array $states,
        public Conditions $conditions,
        public Factorisation $network,
        public NodeVolts $volts,
        public Timers $timers,
        public Bodies $levels,
        public Bodies $worn,
        public bool $isRest,
        public array $looking,
    ) {
    }
}

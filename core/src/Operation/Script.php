<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** What is done to a unit and when, for Runner. */
final readonly class Script
{
    /**
     * @param  float  $until  seconds
     * @param  list<string>  $start  settings at the start, as Situation has them
     * @param  list<string>  $faults  from the start on
     * @param  list<Deed>  $deeds  in order of time
     * @param  list<Intermittent>  $intermittents
     */
    public function __construct(
        public float $until,
        public array $start = [],
        public array $faults = [],
        public array $deeds = [],
        public array $intermittents = [],
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

/** How one trial went. */
final readonly class Outcome
{
    /**
     * @param  list<string>  $faults  ids of what was found in the end, or led
     * @param  string  $said  what was found in the end, or led
     * @param  float  $probability  of that
     * @param  list<string>  $unsafe  what should not have been advised
     * @param  float  $bits  of what was not yet known when the testing began
     * @param  float|null  $namedSlips  share of the mistaken readings that were named; null when there was none
     * @param  bool  $leadsRightly  whether what was found, or led, is so
     * @param  list<string>  $log  what was done, in words
     * @param  list<float>  $seconds  that each advice took
     */
    public function __construct(
        public Truth $truth,
        public Ending $ending,
        public array $faults,
        public string $said,
        public float $probability,
        public int $tests,
        public float $minutes,
        public int $live,
        public array $unsafe,
        public float $bits,
        public ?float $namedSlips,
        public bool $leadsRightly,
        public array $log,
        public array $seconds,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Something still to be looked for, or proved, with the cheapest way to it. */
final readonly class Check
{
    /**
     * @param  string  $target  part or wire
     * @param  string  $label  what may be wrong with it, or what it is
     * @param  list<string>  $faults  what is looked for
     * @param  string  $how  the test; empty where only eyes and hands tell
     * @param  string  $healthy  what a healthy one shows
     * @param  float|null  $minutes  the power being off already; null where only eyes and hands tell
     */
    public function __construct(
        public string $target,
        public string $label,
        public array $faults,
        public string $how,
        public string $healthy,
        public ?float $minutes,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** One moment of a run: what moved, and what each load takes since. */
final readonly class Happening
{
    /**
     * @param  float  $at  seconds from the start of the run
     * @param  list<string>  $done  what someone did, in the script's words
     * @param  array<string, array{from: string, to: string}>  $moved  by part: what was seen of it, or its state, before and after
     * @param  array<string, float>  $amps  by load
     * @param  array<string, float>  $volts  by load that has a plate current, over its line terminals
     * @param  array<string, float>  $quantities
     * @param  list<string>  $chattering
     */
    public function __construct(
        public float $at,
        public array $done,
        public array $moved,
        public array $amps,
        public array $volts,
        public array $quantities,
        public array $chattering,
        public float $chatterPeriod,
    ) {
    }
}

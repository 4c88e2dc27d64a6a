<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Suspects that no test in play can tell apart, as one. */
final readonly class SuspectGroup
{
    /**
     * @param  list<string>  $faults  fault ids; empty for the healthy unit
     * @param  list<string>  $labels
     * @param  string  $degree  how bad it is, in words, when the evidence says so
     * @param  bool  $mayBeVictim  whether it may be what opens by its heat now and then: what heats it may have been overlooked
     */
    public function __construct(
        public array $faults,
        public array $labels,
        public float $probability,
        public string $degree = '',
        public bool $mayBeVictim = false,
    ) {
    }

    public function label(): string
    {
        return implode(' · or · ', $this->labels);
    }
}

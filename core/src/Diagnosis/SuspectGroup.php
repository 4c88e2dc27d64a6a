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
     * @param  bool  $comesAndGoes  whether every one of them does
     */
    public function __construct(
        public array $faults,
        public array $labels,
        public float $probability,
        public string $degree = '',
        public bool $comesAndGoes = false,
    ) {
    }

    public function label(): string
    {
        return implode(' · or · ', $this->labels);
    }
}

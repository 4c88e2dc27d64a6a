<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** A recommended test: what to do, what a healthy unit shows, and why. */
final readonly class Advice
{
    /**
     * @param  float  $bits  expected information
     * @param  string  $expected  what a healthy unit shows, as the meter would
     * @param  float|string|null  $healthy  the same as a value: SI, null for OL, or what is seen
     * @param  string  $said  the same as a technician says it
     * @param  list<Result>  $outcomes  what it may show, most probable first
     * @param  list<Candidate>  $sweep  what is done after it with only the red lead moved
     */
    public function __construct(
        public Candidate $candidate,
        public float $bits,
        public string $title,
        public string $expected,
        public float|string|null $healthy,
        public string $said,
        public string $why,
        public array $outcomes,
        public array $sweep = [],
    ) {
    }

    /** As one technician asks another for it. */
    public function asked(Circuit $circuit): string
    {
        $test = $this->candidate->test;

        return $test instanceof Probe ? $test->asked($circuit) : $this->title;
    }
}

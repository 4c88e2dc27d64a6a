<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** A test that could be made next, with what it takes. */
final readonly class Candidate
{
    /**
     * @param  list<string>  $lift  wires to lift first
     * @param  float  $minutes  getting there, getting ready and reading
     * @param  float  $risk  factor on the minutes; 1 is a 24 V reading or a dead one
     */
    public function __construct(
        public Test $test,
        public Occasion $when,
        public array $lift,
        public float $minutes,
        public float $risk,
    ) {
    }

    /** The same for the same test on the same occasion. */
    public function key(): string
    {
        return $this->test->key().' '.$this->when->key();
    }
}

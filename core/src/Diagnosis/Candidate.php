<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** A test that could be made next, with what it takes. */
final readonly class Candidate
{
    /**
     * @param  list<string>  $lift  wires to lift first
     * @param  float  $minutes  getting there, getting ready and reading
     * @param  float  $risk  factor on the minutes; 1 is a 24 V reading or a dead one
     * @param  float  $way  of the minutes, those for getting there and switching: spent once for all that is done there
     */
    public function __construct(
        public Test $test,
        public Occasion $when,
        public array $lift,
        public float $minutes,
        public float $risk,
        public float $way = 0.0,
    ) {
    }

    /** The same for tests that are made one after another without going or switching anything in between. */
    public function setting(Circuit $circuit): string
    {
        $now = $this->when->conditions;
        $stands = $now->isPoweredDown($circuit) ? 'dead' : $now->key();

        // each start that is watched is one of its own
        return $this->when->after === 0.0 ? $this->key() : $this->test->place($circuit)." $stands {$this->when->after}";
    }

    /** The same with another test in its place that takes as much. */
    public function with(Test $test): self
    {
        return new self($test, $this->when, $this->lift, $this->minutes, $this->risk, $this->way);
    }

    /** The same for the same test on the same occasion. */
    public function key(): string
    {
        return $this->test->key().' '.$this->when->key();
    }

    /** The same for the same test under the same conditions, at whatever time. */
    public function whenever(): string
    {
        return $this->test->key().' '.$this->when->conditions->key();
    }
}

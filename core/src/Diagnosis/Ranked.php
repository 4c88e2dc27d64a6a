<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** A test that is worth its time. */
final readonly class Ranked
{
    /**
     * @param  float  $bits  expected information
     * @param  float  $own  minutes that only it takes, risk priced in
     * @param  float  $way  those for getting there and switching
     * @param  list<non-empty-list<int>>  $outcomes  variants by what they would show
     */
    private function __construct(
        public Candidate $candidate,
        public float $bits,
        public float $own,
        public float $way,
        public array $outcomes,
    ) {
    }

    /**
     * @param  float  $extra  minutes of switching besides the test's own
     * @param  list<non-empty-list<int>>  $outcomes
     * @param  float  $leaning  factor on the minutes for what the shop would rather not do first
     */
    public static function of(Candidate $candidate, float $extra, float $bits, array $outcomes, float $leaning = 1.0): self
    {
        $factor = $candidate->risk * $leaning;
        $own = ($candidate->minutes - $candidate->way) * $factor;

        return new self($candidate, $bits, $own, ($candidate->way + $extra) * $factor, $outcomes);
    }

    /** Bits a minute. */
    public function score(): float
    {
        return $this->bits / ($this->own + $this->way);
    }
}

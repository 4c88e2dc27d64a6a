<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** A test that is worth its time. */
final readonly class Ranked
{
    /**
     * @param  float  $score  bits a minute, risk priced in
     * @param  float  $bits  expected information
     * @param  list<non-empty-list<int>>  $outcomes  variants by what they would show
     */
    public function __construct(public Candidate $candidate, public float $score, public float $bits, public array $outcomes)
    {
    }
}

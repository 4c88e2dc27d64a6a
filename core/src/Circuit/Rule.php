<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/** Where a quantity is heading while some clauses hold, and how fast: a first-order lag. */
final readonly class Rule
{
    /**
     * @param  list<Clause>  $when  all must hold; none means always
     * @param  float  $towards  in the quantity's unit
     * @param  float  $lag  time constant, seconds
     */
    public function __construct(public array $when, public float $towards, public float $lag)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/** Where a quantity is heading while some clauses hold, and how fast: a first-order lag. */
final readonly class Rule
{
    /**
     * @param  list<Clause>  $when  all must hold; none means always
     * @param  Lag  $lag  in the quantity's unit
     */
    public function __construct(public array $when, public Lag $lag)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Clause;

/**
 * A fault that comes and goes: while some clauses hold (vibration: `COMP runs`; heat: `plenum > 50`), and then by a chance that is
 * drawn every so often from a seed, so that the same script always runs the same way.
 */
final readonly class Intermittent
{
    /**
     * @param  list<Clause>  $when
     * @param  float  $chance  of being there at each draw
     * @param  float|null  $every  seconds between draws; null draws once, at the start
     */
    public function __construct(public string $fault, public array $when, public float $chance, public ?float $every, public int $seed)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** A stretch of what a unit does after the call comes on, and what begins with it. */
final readonly class Frame
{
    /**
     * @param  float  $from  seconds since power and call came on
     * @param  float  $until  the same
     * @param  list<SequenceStep>  $steps  what eyes and ears can follow
     */
    public function __construct(public float $from, public float $until, public Settled $settled, public array $steps)
    {
    }
}

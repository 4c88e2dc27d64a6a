<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** A stretch of a story in which nothing moves. */
final readonly class Stretch
{
    /**
     * @param  float  $from  seconds since power and call came on
     * @param  float  $until  the same
     */
    public function __construct(public float $from, public float $until, public Settled $settled)
    {
    }

    public function seconds(): float
    {
        return $this->until - $this->from;
    }
}

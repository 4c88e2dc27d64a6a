<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** What a fuse or breaker is to the circuit behind it. */
final readonly class OvercurrentDevice
{
    /**
     * @param  float  $amps  rating
     * @param  list<array{string, string}>  $poles  terminals at either end of each
     */
    public function __construct(public float $amps, public array $poles)
    {
    }
}

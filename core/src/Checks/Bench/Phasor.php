<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** One voltage of several in a picture: how long, and which way it points. */
final readonly class Phasor
{
    /**
     * @param  float  $volts  its length
     * @param  float  $degrees  from the right, against the clock
     * @param  bool  $isOdd  whether it is the one that is wrong
     */
    public function __construct(public string $name, public float $volts, public float $degrees, public bool $isOdd = false)
    {
    }
}

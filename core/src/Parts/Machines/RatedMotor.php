<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;

/** A single-phase motor with what its plate rates it for. */
final readonly class RatedMotor
{
    /**
     * @param  float  $slip  at full load
     * @param  float  $torque  at full load, synchronous watts
     */
    public function __construct(public TwoWindingMotor $motor, public float $slip, private float $torque)
    {
    }

    /** Torque as a share of rated, fed as TwoWindingMotor::torqueFedThrough() asks; positive is the way the motor should turn. */
    public function shareFedThrough(Complex $volts, ?Complex $series, float $slip): float
    {
        return $this->motor->torqueFedThrough($volts, $series, $slip) / $this->torque;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Air;

/** A belt between two pulleys, by their pitch diameters. */
final readonly class Belt
{
    /**
     * @param  float  $motor  metres
     * @param  float  $blower  metres
     */
    public function __construct(private float $motor, private float $blower)
    {
    }

    /**
     * Pitch length at a distance of the shafts, metres: 2C + π(D + d)/2 + (D − d)²/4C, within a thousandth where the shafts are no
     * nearer than the larger pulley is wide (Machinery's Handbook, flat and V-belts; from memory).
     */
    public function length(float $centres): float
    {
        return 2 * $centres + M_PI * ($this->blower + $this->motor) / 2 + ($this->blower - $this->motor) ** 2 / (4 * $centres);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/** The speed of the revolving field, from the speed on the plate: the next one above it, 120·f/p for an even number of poles p. */
final class SynchronousSpeed
{
    /**
     * The slip a motor has at the speed on its plate.
     *
     * @param  float  $rpm  at full load, under 120·f/2
     */
    public static function slip(float $rpm, float $hertz): float
    {
        $poles = 2 * (int) floor(60 * $hertz / $rpm);

        return 1 - $rpm * $poles / (120 * $hertz);
    }
}

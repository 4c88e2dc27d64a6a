<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** R-32, R-125, R-1234yf, R-134a and R-1234ze(E), 26/26/20/21/7 % by mass. */
final class R448A extends Refrigerant
{
    protected const NAME = 'R-448A';

    protected const FROM = 'Peng-Robinson (1976) of its components at their own vapour pressures, set to its normal boiling points';

    protected const WITHIN = 0.015;

    /** kPa absolute by °C, where its liquid begins to boil. [from memory] */
    protected const BUBBLE = [
        -55 => 65.07, -50 => 84.09, -45 => 107.27, -40 => 135.22, -35 => 168.57, -30 => 207.99, -25 => 254.19, -20 => 307.90,
        -15 => 369.89, -10 => 440.92, -5 => 521.82, 0 => 613.40, 5 => 716.51, 10 => 832.02, 15 => 960.82, 20 => 1103.79,
        25 => 1261.87, 30 => 1435.98, 35 => 1627.10, 40 => 1836.20, 45 => 2064.29, 50 => 2312.40, 55 => 2581.62, 60 => 2873.00,
        65 => 3187.34,
    ];

    /** kPa absolute by °C, where its vapour begins to condense. [from memory] */
    protected const DEW = [
        -55 => 44.33, -50 => 58.74, -45 => 76.68, -40 => 98.73, -35 => 125.52, -30 => 157.73, -25 => 196.06, -20 => 241.27,
        -15 => 294.15, -10 => 355.54, -5 => 426.31, 0 => 507.36, 5 => 599.66, 10 => 704.20, 15 => 822.01, 20 => 954.20,
        25 => 1101.91, 30 => 1266.36, 35 => 1448.88, 40 => 1650.88, 45 => 1873.93, 50 => 2119.80, 55 => 2390.55, 60 => 2688.65,
        65 => 3017.09,
    ];
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** R-125, R-143a and R-134a, 44/52/4 % by mass. */
final class R404A extends Refrigerant
{
    protected const NAME = 'R-404A';

    protected const FROM = 'Peng-Robinson (1976) of its components at their own vapour pressures';

    protected const WITHIN = 0.015;

    /** kPa absolute by °C, where its liquid begins to boil. [from memory] */
    protected const BUBBLE = [
        -55 => 65.85, -50 => 85.00, -45 => 108.29, -40 => 136.32, -35 => 169.70, -30 => 209.10, -25 => 255.18, -20 => 308.68,
        -15 => 370.33, -10 => 440.91, -5 => 521.20, 0 => 612.05, 5 => 714.30, 10 => 828.83, 15 => 956.58, 20 => 1098.48,
        25 => 1255.56, 30 => 1428.87, 35 => 1619.53, 40 => 1828.77, 45 => 2057.93, 50 => 2308.52, 55 => 2582.29, 60 => 2881.35,
        65 => 3207.87,
    ];

    /** kPa absolute by °C, where its vapour begins to condense. [from memory] */
    protected const DEW = [
        -55 => 63.05, -50 => 81.69, -45 => 104.44, -40 => 131.87, -35 => 164.62, -30 => 203.34, -25 => 248.72, -20 => 301.48,
        -15 => 362.37, -10 => 432.17, -5 => 511.68, 0 => 601.74, 5 => 703.20, 10 => 816.97, 15 => 943.98, 20 => 1085.20,
        25 => 1241.65, 30 => 1414.42, 35 => 1604.65, 40 => 1813.60, 45 => 2042.66, 50 => 2293.41, 55 => 2567.71, 60 => 2867.84,
        65 => 3196.41,
    ];
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** R-32 and R-1234yf, 68.9/31.1 % by mass. */
final class R454B extends Refrigerant
{
    protected const NAME = 'R-454B';

    protected const FROM = 'Peng-Robinson (1976) of its components at their own vapour pressures, set to its normal boiling points';

    protected const WITHIN = 0.015;

    /** kPa absolute by °C, where its liquid begins to boil. [from memory] */
    protected const BUBBLE = [
        -55 => 82.15, -50 => 106.00, -45 => 135.03, -40 => 169.99, -35 => 211.68, -30 => 260.92, -25 => 318.60, -20 => 385.62,
        -15 => 462.95, -10 => 551.58, -5 => 652.52, 0 => 766.84, 5 => 895.62, 10 => 1039.99, 15 => 1201.10, 20 => 1380.14,
        25 => 1578.35, 30 => 1796.98, 35 => 2037.36, 40 => 2300.85, 45 => 2588.90, 50 => 2903.00, 55 => 3244.74, 60 => 3615.80,
        65 => 4017.87,
    ];

    /** kPa absolute by °C, where its vapour begins to condense. [from memory] */
    protected const DEW = [
        -55 => 77.21, -50 => 99.84, -45 => 127.41, -40 => 160.65, -35 => 200.32, -30 => 247.22, -25 => 302.21, -20 => 366.17,
        -15 => 440.05, -10 => 524.81, -5 => 621.48, 0 => 731.10, 5 => 854.78, 10 => 993.67, 15 => 1148.96, 20 => 1321.90,
        25 => 1513.81, 30 => 1726.08, 35 => 1960.19, 40 => 2217.75, 45 => 2500.49, 50 => 2810.36, 55 => 3149.58, 60 => 3520.81,
        65 => 3927.43,
    ];
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** R-32 and R-125, half each by mass. */
final class R410A extends Refrigerant
{
    protected const NAME = 'R-410A';

    protected const FROM = 'bubble and dew equations of Lemmon 2003';

    protected const WITHIN = 0.005;

    /** kPa absolute by °C, where its liquid begins to boil. [from memory] */
    protected const BUBBLE = [
        -55 => 84.26, -50 => 108.98, -45 => 139.13, -40 => 175.50, -35 => 218.93, -30 => 270.31, -25 => 330.57, -20 => 400.69,
        -15 => 481.68, -10 => 574.60, -5 => 680.57, 0 => 800.71, 5 => 936.21, 10 => 1088.30, 15 => 1258.27, 20 => 1447.45,
        25 => 1657.25, 30 => 1889.15, 35 => 2144.71, 40 => 2425.64, 45 => 2733.76, 50 => 3071.07, 55 => 3439.84, 60 => 3842.65,
        65 => 4282.62,
    ];

    /** kPa absolute by °C, where its vapour begins to condense. [from memory] */
    protected const DEW = [
        -55 => 83.92, -50 => 108.55, -45 => 138.60, -40 => 174.85, -35 => 218.14, -30 => 269.35, -25 => 329.41, -20 => 399.30,
        -15 => 480.04, -10 => 572.68, -5 => 678.31, 0 => 798.08, 5 => 933.18, 10 => 1084.82, 15 => 1254.29, 20 => 1442.93,
        25 => 1652.14, 30 => 1883.41, 35 => 2138.33, 40 => 2418.61, 45 => 2726.13, 50 => 3062.99, 55 => 3431.60, 60 => 3834.83,
        65 => 4276.35,
    ];
}

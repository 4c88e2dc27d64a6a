<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** 1,1,1,2-tetrafluoroethane. */
final class R134a extends Refrigerant
{
    protected const NAME = 'R-134a';

    protected const FROM = 'vapour pressure equation of Tillner-Roth and Baehr 1994';

    protected const WITHIN = 0.005;

    /** kPa absolute by °C. [from memory] */
    protected const BUBBLE = [
        -55 => 21.84, -50 => 29.46, -45 => 39.12, -40 => 51.21, -35 => 66.14, -30 => 84.37, -25 => 106.39, -20 => 132.73,
        -15 => 163.94, -10 => 200.61, -5 => 243.35, 0 => 292.81, 5 => 349.67, 10 => 414.61, 15 => 488.37, 20 => 571.69,
        25 => 665.34, 30 => 770.13, 35 => 886.88, 40 => 1016.46, 45 => 1159.76, 50 => 1317.73, 55 => 1491.34, 60 => 1681.63,
        65 => 1889.73,
    ];

    protected const DEW = self::BUBBLE;
}

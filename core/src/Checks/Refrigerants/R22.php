<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** Chlorodifluoromethane. */
final class R22 extends Refrigerant
{
    protected const NAME = 'R-22';

    protected const FROM = 'vapour pressure equation of Kamei, Beyerlein and Jacobsen 1995';

    protected const WITHIN = 0.005;

    /** kPa absolute by °C. [from memory] */
    protected const BUBBLE = [
        -55 => 49.56, -50 => 64.54, -45 => 82.93, -40 => 105.25, -35 => 132.05, -30 => 163.91, -25 => 201.46, -20 => 245.33,
        -15 => 296.21, -10 => 354.79, -5 => 421.79, 0 => 497.96, 5 => 584.05, 10 => 680.87, 15 => 789.22, 20 => 909.91,
        25 => 1043.81, 30 => 1191.77, 35 => 1354.71, 40 => 1533.54, 45 => 1729.23, 50 => 1942.77, 55 => 2175.22, 60 => 2427.70,
        65 => 2701.40,
    ];

    protected const DEW = self::BUBBLE;
}

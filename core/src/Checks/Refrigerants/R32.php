<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** Difluoromethane. */
final class R32 extends Refrigerant
{
    protected const NAME = 'R-32';

    protected const FROM = 'vapour pressure equation of Tillner-Roth and Yokozeki 1997';

    protected const WITHIN = 0.005;

    /** kPa absolute by °C. [from memory] */
    protected const BUBBLE = [
        -55 => 85.17, -50 => 110.14, -45 => 140.61, -40 => 177.40, -35 => 221.37, -30 => 273.43, -25 => 334.55, -20 => 405.74,
        -15 => 488.07, -10 => 582.64, -5 => 690.59, 0 => 813.13, 5 => 951.50, 10 => 1106.98, 15 => 1280.90, 20 => 1474.66,
        25 => 1689.72, 30 => 1927.59, 35 => 2189.89, 40 => 2478.31, 45 => 2794.71, 50 => 3141.07, 55 => 3519.64, 60 => 3932.95,
        65 => 4384.06,
    ];

    protected const DEW = self::BUBBLE;
}

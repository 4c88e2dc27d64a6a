<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** Propane. */
final class R290 extends Refrigerant
{
    protected const NAME = 'R-290';

    protected const FROM = 'vapour pressure equation of Lemmon, McLinden and Wagner 2009';

    protected const WITHIN = 0.005;

    /** kPa absolute by °C. [from memory] */
    protected const BUBBLE = [
        -55 => 55.25, -50 => 70.57, -45 => 89.05, -40 => 111.12, -35 => 137.23, -30 => 167.84, -25 => 203.43, -20 => 244.53,
        -15 => 291.63, -10 => 345.29, -5 => 406.04, 0 => 474.46, 5 => 551.11, 10 => 636.59, 15 => 731.50, 20 => 836.45,
        25 => 952.06, 30 => 1078.98, 35 => 1217.88, 40 => 1369.43, 45 => 1534.36, 50 => 1713.38, 55 => 1907.30, 60 => 2116.93,
        65 => 2343.18,
    ];

    protected const DEW = self::BUBBLE;
}

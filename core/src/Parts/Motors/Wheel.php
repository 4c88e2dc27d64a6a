<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;

/** What goes wrong with the blade or wheel on a motor's shaft, or with the belt between. */
final class Wheel
{
    /** A shaft that turns and moves no air: its hub slips, or its belt is off. */
    public const WITHOUT = 'turns without its wheel';

    private const LOOSE = 'hub-loose';

    private const OTHER = 'other-wheel';

    /** @return list<FaultMode> */
    public static function faults(): array
    {
        return [
            new FaultMode(self::LOOSE, 'hub loose or belt off: the shaft turns, the wheel does not', 0.3, signs: Sign::SLIPS),
            new FaultMode(self::OTHER, 'another blade, wheel or pulley than it is made for', 0.09, '× its load', [0.6, 1.5, 2.0]),
        ];
    }

    public static function isLoose(Setting $setting): bool
    {
        return $setting->has(self::LOOSE);
    }

    /** What the motor has to turn, against what it is made to: bearings alone, or another blade. [practice, no published source] */
    public static function share(Setting $setting): float
    {
        return self::isLoose($setting) ? 0.05 : $setting->degree(self::OTHER, 1.5, 1.0);
    }
}

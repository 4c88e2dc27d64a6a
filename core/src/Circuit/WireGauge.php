<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * American wire gauge of a copper conductor.
 *
 * Resistances: NEC chapter 9 table 8, uncoated stranded copper at 75 °C, Ω/km (from memory).
 */
enum WireGauge: int
{
    case Awg18 = 18;
    case Awg16 = 16;
    case Awg14 = 14;
    case Awg12 = 12;
    case Awg10 = 10;
    case Awg8 = 8;
    case Awg6 = 6;
    case Awg4 = 4;

    public function ohmsPerMetre(): float
    {
        return match ($this) {
            self::Awg18 => 26.1e-3,
            self::Awg16 => 16.4e-3,
            self::Awg14 => 10.3e-3,
            self::Awg12 => 6.50e-3,
            self::Awg10 => 4.070e-3,
            self::Awg8 => 2.551e-3,
            self::Awg6 => 1.608e-3,
            self::Awg4 => 1.010e-3,
        };
    }
}

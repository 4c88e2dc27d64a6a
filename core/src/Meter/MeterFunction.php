<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/** The position of the meter's selector. */
enum MeterFunction: string
{
    case VoltsAc = 'vac';
    case Ohms = 'ohms';
    case Continuity = 'continuity';
    case Capacitance = 'mfd';

    public function unit(): string
    {
        return match ($this) {
            self::VoltsAc => 'V',
            self::Ohms, self::Continuity => 'Ω',
            self::Capacitance => 'F',
        };
    }

    /** Whether the function feeds the circuit itself and so belongs on a dead one only. */
    public function isDeadTest(): bool
    {
        return $this !== self::VoltsAc;
    }
}

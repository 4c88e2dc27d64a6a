<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/** The position of the meter's selector, or which instrument it is. */
enum MeterFunction: string
{
    case VoltsAc = 'vac';
    case VoltsAcLowZ = 'vac-lowz';
    case VoltsDc = 'vdc';
    case Ohms = 'ohms';
    case Continuity = 'continuity';
    case Capacitance = 'mfd';
    case MicroampsDc = 'uadc';
    case Amps = 'amps';
    case Megohms = 'megohms';

    /** Whether it shows alternating volts, however it loads them. */
    public function isVoltsAc(): bool
    {
        return $this === self::VoltsAc || $this === self::VoltsAcLowZ;
    }

    /** Whether its instrument goes round wires or in series with one, and not on points. */
    public function goesOnWires(): bool
    {
        return $this === self::Amps || $this === self::MicroampsDc;
    }

    public function unit(): string
    {
        return match ($this) {
            self::VoltsAc, self::VoltsAcLowZ, self::VoltsDc => 'V',
            self::Ohms, self::Continuity, self::Megohms => 'Ω',
            self::Capacitance => 'F',
            self::Amps, self::MicroampsDc => 'A',
        };
    }

    /** Whether the function feeds the circuit itself and so belongs on a dead one only. */
    public function isDeadTest(): bool
    {
        return in_array($this, [self::Ohms, self::Continuity, self::Capacitance, self::Megohms], true);
    }
}

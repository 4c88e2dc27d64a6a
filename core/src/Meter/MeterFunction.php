<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Units\Dimension;

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

    /** What a reading is of, in whose units it may be typed. */
    public function dimension(): Dimension
    {
        return match ($this) {
            self::VoltsAc, self::VoltsAcLowZ, self::VoltsDc => Dimension::Voltage,
            self::Ohms, self::Continuity => Dimension::Resistance,
            self::Megohms => Dimension::Insulation,
            self::Capacitance => Dimension::Capacitance,
            self::Amps => Dimension::Current,
            self::MicroampsDc => Dimension::FlameCurrent,
        };
    }

    /** Whether it shows which way round the probes are. */
    public function isSigned(): bool
    {
        return $this === self::VoltsDc || $this === self::MicroampsDc;
    }

    /** The most a service meter can show, SI. A larger entry is a slip. [practice, no published source] */
    public function most(): float
    {
        return match ($this) {
            self::VoltsAc, self::VoltsAcLowZ, self::VoltsDc => 1000.0,
            self::Ohms, self::Continuity => 1e9,
            self::Megohms => 1e12,
            self::Capacitance => 0.1,
            self::Amps => 2000.0,
            self::MicroampsDc => 0.01,
        };
    }

    /** How a reading is typed. */
    public function example(): string
    {
        return match ($this) {
            self::VoltsAc, self::VoltsAcLowZ => '26.4',
            self::VoltsDc => '4.98',
            self::Ohms, self::Continuity => '12.5 or 1.2k',
            self::Megohms => '550',
            self::Capacitance => '39.6',
            self::Amps => '14.1',
            self::MicroampsDc => '3.8',
        };
    }
}

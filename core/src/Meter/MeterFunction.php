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

    /**
     * Those that a trace weighs as evidence; the others are for the command line so far.
     *
     * @return non-empty-list<self>
     */
    public static function traced(): array
    {
        return [self::VoltsAc, self::Ohms, self::Continuity, self::Capacitance];
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

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;

/** On what readings of a function are compared: volts and amperes as they are, ohms and farads by ratio. */
final class Scale
{
    public const SUPPLY_VARIATION = 0.05;

    /** Drops along leads and wires that nobody would take for a finding, volts. */
    public const LEAST_VOLTS = 0.5;

    /** The same of volts d.c., which may be millivolts; a pilot's go with the gas and the draft, of themselves. [practice] */
    public const LEAST_DIRECT = 0.015;

    private const DIRECT_VARIATION = 0.1;

    /** A motor's current goes with the weather and with what it moves, of itself; a flame's with the gas and the rod. [practice] */
    private const LOAD_VARIATION = 0.12;

    private const FLAME_VARIATION = 0.3;

    /** Currents that nobody would take for a finding, amperes. */
    private const LEAST_AMPS = 0.15;

    private const LEAST_FLAME_AMPS = 1e-7;

    /** Sound insulation has anything from some megohms to thousands: natural logarithm. [practice, no published source] */
    private const INSULATION_VARIATION = 1.5;

    /** Added before ratios are taken, so that nothing is a number too. */
    private const OHMS = 0.5;

    private const FARADS = 1e-8;

    /** @var array<string, self> made once, asked for at every comparison */
    private static array $made = [];

    /** @param  float|null  $zero  added before ratios are taken; null where readings are compared as they are */
    private function __construct(private readonly MeterFunction $function, private readonly ?float $zero)
    {
    }

    public static function of(MeterFunction $function): self
    {
        return self::$made[$function->value] ??= new self($function, match ($function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc, MeterFunction::Amps,
            MeterFunction::MicroampsDc => null,
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Megohms => self::OHMS,
            MeterFunction::Capacitance => self::FARADS,
        });
    }

    /** Where a value lies. */
    public function at(float $value): float
    {
        return $this->zero === null ? $value : log(max(0.0, $value) + $this->zero);
    }

    /** The value that lies there. */
    public function back(float $x): float
    {
        return $this->zero === null ? $x : exp($x) - $this->zero;
    }

    /** How long one count is there. */
    public function width(float $value, float $count): float
    {
        return $this->at($value + $count / 2) - $this->at($value - $count / 2);
    }

    /** The standard deviation of readings about what is predicted: the meter's error, the supply's variation, the plate's tolerance. */
    public function sigma(float $predicted): float
    {
        return match ($this->function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ => $this->about($predicted, self::SUPPLY_VARIATION, self::LEAST_VOLTS),
            MeterFunction::VoltsDc => $this->about($predicted, self::DIRECT_VARIATION, self::LEAST_DIRECT),
            MeterFunction::Amps => $this->about($predicted, self::LOAD_VARIATION, self::LEAST_AMPS),
            MeterFunction::MicroampsDc => $this->about($predicted, self::FLAME_VARIATION, self::LEAST_FLAME_AMPS),
            MeterFunction::Ohms, MeterFunction::Continuity => 0.15,
            MeterFunction::Megohms => self::INSULATION_VARIATION,
            MeterFunction::Capacitance => 0.04,
        };
    }

    private function about(float $predicted, float $variation, float $least): float
    {
        return hypot(hypot(Spec::of($this->function)->error($predicted) / 2, $variation * $predicted), $least);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/** How a value looks on the meter: range, decimals and prefix. */
final class Display
{
    /** Less than this is said to be about nothing, SI. [practice, no published source] */
    private const NOTHING = ['V' => 0.5, 'mV' => 0.005, 'A' => 0.05, 'Ω' => 0.5];

    /** Volts d.c. below this are told in millivolts. */
    private const MILLIVOLTS = 0.6;

    /**
     * As a technician says it: no more digits than matter.
     *
     * @param  float  $value  SI
     */
    public static function said(MeterFunction $function, float $value): string
    {
        $unit = match (true) {
            $function === MeterFunction::MicroampsDc => 'µA',
            $function === MeterFunction::VoltsDc && abs($value) <= self::MILLIVOLTS => 'mV',
            default => $function->unit(),
        };

        return match (true) {
            abs($value) < (self::NOTHING[$unit] ?? 0.0) => "about 0 $unit",
            $unit === 'mV' => sprintf('%.0f mV', 1000 * $value),
            $unit === 'V' => number_format($value, abs($value) < 100 ? 1 : 0, '.', '').' V',
            default => self::format($function, $value),
        };
    }

    /**
     * What one types who reads it: no more digits than matter.
     *
     * @param  float|null  $value  SI; null for OL
     */
    public static function typed(MeterFunction $function, ?float $value): string
    {
        $said = $value === null ? 'OL' : self::said($function, $value);

        return str_starts_with($said, 'about 0') ? '0' : str_replace(' ', '', $said);
    }

    /** @param  float  $value SI */
    public static function format(MeterFunction $function, float $value): string
    {
        $spec = Spec::of($function);
        $range = $spec->rangeFor($value) ?? $spec->ranges[count($spec->ranges) - 1];
        [$factor, $unit] = match (true) {
            $function === MeterFunction::VoltsDc && $range <= self::MILLIVOLTS => [1e-3, 'mV'],
            $function->unit() === 'V' => [1.0, 'V'],
            $function === MeterFunction::Amps => [1.0, 'A'],
            $function === MeterFunction::MicroampsDc => [1e-6, 'µA'],
            $range >= 1e9 => [1e9, 'GΩ'],
            $function === MeterFunction::Capacitance => [1e-6, 'µF'],
            $range >= 1e6 => [1e6, 'MΩ'],
            $range >= 1e3 => [1e3, 'kΩ'],
            default => [1.0, 'Ω'],
        };
        $decimals = max(0, (int) round(-log10($spec->resolution($range) / $factor)));

        return number_format($value / $factor, $decimals, '.', '')." $unit";
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;

/**
 * How well a prediction explains what was read or seen.
 *
 * A reading is normally distributed about its prediction, with the meter's error, the supply's variation and the plate's
 * tolerance; and once in fifty it is a mistake that could have been anything. [the shares are practice, no published source]
 */
final class Likelihood
{
    /** Chance that a reading or observation is simply wrong: probe on the wrong screw, misread, misheard. */
    public const MISTAKE = 0.02;

    private const SUPPLY_VARIATION = 0.05;

    /** Drops along leads and wires that nobody would take for a finding, volts. */
    private const LEAST_VOLTS = 0.5;

    /** Two predictions further apart than this many standard deviations read as different. */
    public const APART = 3.0;

    public static function ofObservation(string $predicted, string $seen, int $choices): float
    {
        return $predicted === $seen ? 1 - self::MISTAKE : self::MISTAKE / max(1, $choices - 1);
    }

    /**
     * @param  float|null  $predicted  SI; null for OL
     * @param  float|null  $read  SI; null for OL
     */
    public static function ofReading(MeterFunction $function, ?float $predicted, ?float $read): float
    {
        if ($predicted === null || $read === null) {
            return $predicted === $read ? 1 - self::MISTAKE : self::MISTAKE;
        }
        [$centre, $sigma, $span] = self::scale($function, $predicted);
        $z = (self::transform($function, $read) - $centre) / $sigma;

        return (1 - self::MISTAKE) * exp(-0.5 * $z * $z) / ($sigma * sqrt(2 * M_PI)) + self::MISTAKE / $span;
    }

    /** Whether a reading agrees with a prediction, as a technician would say it does. */
    public static function agrees(MeterFunction $function, ?float $predicted, ?float $read): bool
    {
        if ($predicted === null || $read === null) {
            return $predicted === $read;
        }
        [$centre, $sigma] = self::scale($function, $predicted);

        return abs(self::transform($function, $read) - $centre) <= self::APART * $sigma;
    }

    /**
     * Where a prediction lies on the scale on which readings are compared: volts as they are, ohms and farads by ratio.
     *
     * @return array{float, float, float} centre, standard deviation, and the span a mistaken reading may fall in
     */
    public static function scale(MeterFunction $function, float $predicted): array
    {
        return match ($function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc, MeterFunction::Amps,
            MeterFunction::MicroampsDc => [
                $predicted,
                hypot(hypot(Spec::of($function)->error($predicted) / 2, self::SUPPLY_VARIATION * $predicted), self::LEAST_VOLTS),
                300.0,
            ],
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Megohms => [self::transform($function, $predicted), 0.15, 20.0],
            MeterFunction::Capacitance => [self::transform($function, $predicted), 0.04, 12.0],
        };
    }

    private static function transform(MeterFunction $function, float $value): float
    {
        return match ($function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc, MeterFunction::Amps,
            MeterFunction::MicroampsDc => $value,
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Megohms => log(max(0.0, $value) + 0.5),
            MeterFunction::Capacitance => log(max(0.0, $value) + 1e-8),
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;

/**
 * How well predictions explain what a meter showed.
 *
 * Rightly taken, a reading is normally distributed about its prediction: the meter's error, the supply's variation, the plate's
 * tolerance; ohms and farads by ratio. Mistaken, it is what the next point would have shown, or nothing at all, or another decade,
 * or anything. All as the chance of one count of the display. [the shares are practice, no published source]
 */
final readonly class Likelihood
{
    /** Two predictions further apart than this many standard deviations read as different. */
    public const APART = 3.0;

    /** Further from its prediction than this a reading is rarer than one in two hundred. [normal distribution] */
    private const STRANGE = 2.81;

    public const SUPPLY_VARIATION = 0.05;

    /** Drops along leads and wires that nobody would take for a finding, volts. */
    private const LEAST_VOLTS = 0.5;

    /** A motor's current goes with the weather and with what it moves, of itself; a flame's with the gas and the rod. [practice] */
    private const LOAD_VARIATION = 0.12;

    private const FLAME_VARIATION = 0.3;

    /** Currents that nobody would take for a finding, amperes. */
    private const LEAST_AMPS = 0.15;

    private const LEAST_FLAME_AMPS = 1e-7;

    /** Sound insulation has anything from some megohms to thousands: natural logarithm. [practice, no published source] */
    private const INSULATION_VARIATION = 1.5;

    /** Of mistaken readings: on another point, with a lead that touches nothing, a decade off; the rest could be anything. */
    private const BESIDE = 0.5;

    private const TOUCHES_NOTHING = 0.2;

    private const DECADE = 0.1;

    /** Natural logarithm of the span in which anything lies: six decades. */
    private const ANYTHING = 13.8;

    /** A ghost lies anywhere under three hundred volts, half of them under this many volts. */
    private const GHOST_LOW = 0.5;

    private const GHOST_HIGH = 300.0;

    private const GHOSTS_UNSEEN = 0.5;

    /** An open capacitor shows OL, or in three of ten some stray figure under this, farads. */
    private const STRAY_FARADS = 1e-7;

    private const STRAYS = 0.3;

    /** Added before ratios are taken, so that nothing is a number too. */
    private const OHMS = 0.5;

    private const FARADS = 1e-8;

    private float $count;

    private ?float $read;

    /** @param  float|null  $read  SI; null for OL */
    public function __construct(private MeterFunction $function, ?float $read)
    {
        $spec = Spec::of($function);
        // more megohms than the tester shows are as good as the most that it does
        $this->read = $read === null && $function === MeterFunction::Megohms ? $spec->ranges[count($spec->ranges) - 1] : $read;
        $this->count = $spec->resolution($spec->rangeFor($this->read ?? 0.0) ?? $spec->ranges[count($spec->ranges) - 1]);
    }

    /** The chance of it, rightly taken. */
    public function right(Prediction $predicted): float
    {
        $value = $predicted->value;
        if ($this->read === null) {
            return $value === null ? ($this->function === MeterFunction::Capacitance ? 1 - self::STRAYS : 1.0) : 0.0;
        }
        if ($value === null) {
            return $this->isStray() ? self::STRAYS * $this->share($this->read, log(self::STRAY_FARADS / 1e-9)) : 0.0;
        }
        if ($predicted->isGhost) {
            return $this->ofGhost();
        }
        [$low, $high, $sigma] = $this->range($predicted, $value);
        $x = self::transform($this->function, $this->read);

        $density = (new Span($low, $high, 1.0))->density($x, $sigma);

        return min(1.0, max(0.0, $density) * self::width($this->function, $this->read, $this->count));
    }

    /** @return array{float, float, float} the range it lies in on the scale of comparison, and the standard deviation about it */
    private function range(Prediction $predicted, float $value): array
    {
        [$centre, $sigma] = self::scale($this->function, $value);
        $at = fn (?float $end): float => $end === null ? $centre : self::transform($this->function, $end);

        return [$at($predicted->low), $at($predicted->high), $sigma];
    }

    /**
     * The chance of it, mistaken.
     *
     * @param  list<Prediction>  $beside  what the points beside would have shown
     */
    public function mistaken(Prediction $predicted, array $beside): float
    {
        $nothing = new Prediction($this->function->isDeadTest() ? null : 0.0);
        $chance = self::TOUCHES_NOTHING * $this->right($nothing);
        $left = 1.0 - self::TOUCHES_NOTHING;
        if ($beside !== []) {
            $left -= self::BESIDE;
            $chance += self::BESIDE * array_sum(array_map($this->right(...), $beside)) / count($beside);
        }
        if ($predicted->value !== null && ! $predicted->isGhost) {
            $left -= self::DECADE;
            $decades = [new Prediction(10 * $predicted->value), new Prediction($predicted->value / 10)];
            $chance += self::DECADE * array_sum(array_map($this->right(...), $decades)) / 2;
        }

        return $chance + $left * ($this->read === null ? 0.1 : $this->share($this->read, self::ANYTHING));
    }

    /** Whether it is, rightly taken, no rarer than one in two hundred. */
    public function isExplainedBy(Prediction $predicted): bool
    {
        return $this->isWithin(self::STRANGE, $predicted);
    }

    /** Whether it agrees with a prediction, as a technician would say it does. */
    public function agrees(Prediction $predicted): bool
    {
        return $this->isWithin(self::APART, $predicted);
    }

    /**
     * Where a prediction lies on the scale on which readings are compared: volts and amperes as they are, ohms and farads by ratio.
     *
     * @return array{float, float} centre and standard deviation
     */
    public static function scale(MeterFunction $function, float $predicted): array
    {
        return [self::transform($function, $predicted), match ($function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc => self::about(
                $function, $predicted, self::SUPPLY_VARIATION, self::LEAST_VOLTS,
            ),
            MeterFunction::Amps => self::about($function, $predicted, self::LOAD_VARIATION, self::LEAST_AMPS),
            MeterFunction::MicroampsDc => self::about($function, $predicted, self::FLAME_VARIATION, self::LEAST_FLAME_AMPS),
            MeterFunction::Ohms, MeterFunction::Continuity => 0.15,
            MeterFunction::Megohms => self::INSULATION_VARIATION,
            MeterFunction::Capacitance => 0.04,
        }];
    }

    private static function about(MeterFunction $function, float $predicted, float $variation, float $least): float
    {
        return hypot(hypot(Spec::of($function)->error($predicted) / 2, $variation * $predicted), $least);
    }

    /**
     * Values in classes that read as different.
     *
     * @param  array<int, float|null>  $values  SI, null for OL
     * @param  array<int, float>  $sways  how far each may lie off, whatever the meter; nothing where it is not named
     * @return list<non-empty-list<int>> keys
     */
    public static function apart(MeterFunction $function, array $values, array $sways = []): array
    {
        $over = array_keys($values, null, true);
        $values = array_filter($values, static fn (?float $value): bool => $value !== null);
        asort($values);
        $classes = $class = [];
        $edge = INF;
        $last = NAN;
        foreach ($values as $key => $value) {
            $sway = $sways[$key] ?? 0.0;
            if ($value - $sway > $edge) {
                $classes[] = $class;
                $class = [];
            }
            if ($value !== $last || $sway > 0.0) {
                [$centre, $sigma] = self::scale($function, $value);
                $edge = self::restore($function, $centre + self::APART * $sigma) + $sway;
                $last = $value;
            }
            $class[] = $key;
        }

        return array_values(array_filter([...$classes, $class, $over], static fn (array $c): bool => $c !== []));
    }

    private function isWithin(float $sigmas, Prediction $predicted): bool
    {
        if ($this->read === null || $predicted->value === null) {
            return $this->read === null ? $predicted->value === null : $this->isStray();
        }
        if ($predicted->isGhost) {
            return $this->read <= self::GHOST_HIGH;
        }
        [$low, $high, $sigma] = $this->range($predicted, $predicted->value);
        $x = self::transform($this->function, $this->read);

        return (new Span($low, $high, 1.0))->isWithin($x, $sigmas * $sigma);
    }

    /** A figure that an open capacitor may show. */
    private function isStray(): bool
    {
        return $this->function === MeterFunction::Capacitance && $this->read !== null && $this->read < self::STRAY_FARADS;
    }

    private function ofGhost(): float
    {
        return $this->read < self::GHOST_LOW
            ? self::GHOSTS_UNSEEN * $this->count / self::GHOST_LOW
            : (1 - self::GHOSTS_UNSEEN) * $this->share($this->read ?? 0.0, log(self::GHOST_HIGH / self::GHOST_LOW));
    }

    /** The share of one count of what lies evenly by ratio over a span, and evenly below the least that counts. */
    private function share(float $value, float $span): float
    {
        return min(1.0, $this->count / max(abs($value), $this->count, self::least($this->function)) / $span);
    }

    /** Less than this is as good as nothing, SI. */
    private static function least(MeterFunction $function): float
    {
        return match ($function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc => self::LEAST_VOLTS,
            MeterFunction::Amps => 0.1,
            MeterFunction::MicroampsDc => 1e-7,
            MeterFunction::Ohms, MeterFunction::Continuity => 0.5,
            MeterFunction::Megohms => 1e5,
            MeterFunction::Capacitance => 1e-8,
        };
    }

    /** One count on the scale on which readings are compared. */
    private static function width(MeterFunction $function, float $value, float $count): float
    {
        return self::transform($function, $value + $count / 2) - self::transform($function, $value - $count / 2);
    }

    private static function restore(MeterFunction $function, float $x): float
    {
        return match ($function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc, MeterFunction::Amps,
            MeterFunction::MicroampsDc => $x,
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Megohms => exp($x) - self::OHMS,
            MeterFunction::Capacitance => exp($x) - self::FARADS,
        };
    }

    private static function transform(MeterFunction $function, float $value): float
    {
        return match ($function) {
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc, MeterFunction::Amps,
            MeterFunction::MicroampsDc => $value,
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Megohms => log(max(0.0, $value) + self::OHMS),
            MeterFunction::Capacitance => log(max(0.0, $value) + self::FARADS),
        };
    }
}

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
final class Likelihood
{
    /** Two predictions further apart than this many standard deviations read as different. */
    public const APART = 3.0;

    /** Further from its prediction than this a reading is rarer than one in two hundred. [normal distribution] */
    private const STRANGE = 2.81;

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

    private readonly Scale $scale;

    private readonly float $count;

    private readonly ?float $read;

    /** Where it lies on its scale, and how long one count is there. */
    private readonly float $at;

    private readonly float $width;

    /** Of what is read where a lead touches nothing. */
    private ?float $ofNothing = null;

    /** @param  float|null  $read  SI; null for OL */
    public function __construct(private readonly MeterFunction $function, ?float $read)
    {
        $this->scale = Scale::of($function);
        $spec = Spec::of($function);
        // more megohms than the tester shows are as good as the most that it does
        $this->read = $read === null && $function === MeterFunction::Megohms ? $spec->ranges[count($spec->ranges) - 1] : $read;
        $this->count = $spec->resolution($spec->rangeFor($this->read ?? 0.0) ?? $spec->ranges[count($spec->ranges) - 1]);
        $this->at = $this->scale->at($this->read ?? 0.0);
        $this->width = $this->scale->width($this->read ?? 0.0, $this->count);
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

        return min(1.0, max(0.0, $predicted->expected($this->scale, $value)->density($this->at)) * $this->width);
    }

    /**
     * The chance of it where a lead was on one of the points beside; null where there are none.
     *
     * @param  list<Prediction>  $beside  what they would have shown
     */
    public function beside(array $beside): ?float
    {
        $all = 0.0;
        foreach ($beside as $one) {
            $all += $this->right($one);
        }

        return $beside === [] ? null : $all / count($beside);
    }

    /**
     * The chance of it, mistaken.
     *
     * @param  float|null  $beside  the chance of it on a point beside; null where there is none
     */
    public function mistaken(Prediction $predicted, ?float $beside): float
    {
        $this->ofNothing ??= $this->right(new Prediction($this->function->isDeadTest() ? null : 0.0));
        $chance = self::TOUCHES_NOTHING * $this->ofNothing;
        $left = 1.0 - self::TOUCHES_NOTHING;
        if ($beside !== null) {
            $left -= self::BESIDE;
            $chance += self::BESIDE * $beside;
        }
        if ($predicted->value !== null && ! $predicted->isGhost) {
            $left -= self::DECADE;
            [$more, $less] = $predicted->decades();
            $chance += self::DECADE * ($this->right($more) + $this->right($less)) / 2;
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
        $scale = Scale::of($function);
        $last = NAN;
        foreach ($values as $key => $value) {
            $sway = $sways[$key] ?? 0.0;
            if ($value - $sway > $edge) {
                $classes[] = $class;
                $class = [];
            }
            if ($value !== $last || $sway > 0.0) {
                $edge = $scale->back($scale->at($value) + self::APART * $scale->sigma($value)) + $sway;
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

        return $predicted->expected($this->scale, $predicted->value)->isWithin($this->at, $sigmas);
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
            MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ => Scale::LEAST_VOLTS,
            MeterFunction::VoltsDc => Scale::LEAST_DIRECT,
            MeterFunction::Amps => 0.1,
            MeterFunction::MicroampsDc => 1e-7,
            MeterFunction::Ohms, MeterFunction::Continuity => 0.5,
            MeterFunction::Megohms => 1e5,
            MeterFunction::Capacitance => 1e-8,
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Setting;

/**
 * A multimeter on a settled circuit: its own loading, its ranges, and what it must not be used for.
 */
final class Meter
{
    /** Input resistance on volts, Ω. Ordinary for a digital multimeter. [practice, no published source] */
    public const INPUT_OHMS = 10e6;

    /** Input resistance of the low-impedance volts function, Ω. [practice, no published source] */
    public const LOW_Z_OHMS = 3e3;

    /** An insulation test must not put more than this across electronics, volts. [practice, no published source] */
    private const ELECTRONICS_VOLTS = 30.0;

    /** Volts between the probes, or from a probe to earth, above which a dead test is refused. [practice, no published source] */
    private const DEAD_BELOW = 2.0;

    /** Capacitance is tested at this frequency, hertz. [practice, no published source] */
    private const TEST_HERTZ = 10.0;

    private const BEEP_BELOW = 30.0;

    /** Two leads and their tips, before the zero key is pressed, ohms: 0.1 to 0.3. [practice, no published source] */
    public const LEAD_OHMS = 0.2;

    /** Volts d.c. that spoil a test of ohms. [practice, no published source] */
    public const SPOILS_DIRECT = 0.005;

    /** What a capacitor's charge puts on the leads that spoils a test, volts. [practice, no published source] */
    private const SPOILS = 1.0;

    /** @param  float  $leadOhms  what is left of the leads in a reading of ohms: nothing once they are zeroed */
    public function __construct(private readonly Settler $settler, private readonly float $leadOhms = 0.0)
    {
    }

    /**
     * @throws UnknownName for a point the circuit does not have
     * @throws WrongInstrument for a clamp, which goes round wires, and for microamperes, which are read in series with one
     */
    public function read(MeterFunction $function, string $red, string $black, Settled $circuit): MeterReading
    {
        if ($function === MeterFunction::Megohms) {
            return $this->insulation($red, $black, $circuit, new InsulationTest);
        }
        if ($function === MeterFunction::Amps) {
            throw WrongInstrument::clampOnPoints();
        }
        if ($function === MeterFunction::MicroampsDc) {
            throw WrongInstrument::seriesOnPoints();
        }
        if ($function === MeterFunction::VoltsAc || $function === MeterFunction::VoltsAcLowZ) {
            return self::shown(
                $function,
                $red,
                $black,
                self::loadedVolts($circuit, $red, $black, $function === MeterFunction::VoltsAc ? self::INPUT_OHMS : self::LOW_Z_OHMS),
            );
        }
        if ($function === MeterFunction::VoltsDc) {
            return self::shown($function, $red, $black, $this->directVolts($circuit, $red, $black));
        }
        $refused = $this->refused($function, $red, $black, $circuit);
        if ($refused !== null) {
            return $refused;
        }

        return $this->readDead(
            $function,
            $red,
            $black,
            $this->settler->dead($circuit->conditions, $circuit->faults, $circuit->states, self::testOmega($function)),
        );
    }

    /**
     * A clamp round some conductors.
     *
     * @param  non-empty-list<Clamped>  $wires
     * @param  int  $turns  how often the conductors go through the jaw; the display shows that many times the current
     *
     * @throws UnknownName for a wire the circuit does not have
     */
    public function clamp(array $wires, Settled $circuit, int $turns = 1): MeterReading
    {
        $sum = new Complex(0);
        foreach ($wires as $wire) {
            $sum = $sum->plus($circuit->wireCurrent($wire->wire)->scaled($wire->against ? -1.0 : 1.0));
        }
        $reading = self::shown(MeterFunction::Amps, implode('+', $wires), '', $sum->abs() * $turns);
        $warnings = [];
        if ($turns > 1) {
            $warnings[] = sprintf('%d turns: divide by %d, %.3g A in the conductor.', $turns, $turns, ($reading->value ?? 0.0) / $turns);
        }
        if (count($wires) > 1) {
            $warnings[] = 'Around several conductors a clamp shows the sum of their currents, and nothing for the two of one load.';
        }
        if ($turns === 1 && $sum->abs() > 0.0 && $sum->abs() < 1.0) {
            $warnings[] = 'Small for a clamp: wind the conductor through the jaw ten times and divide by ten.';
        }

        return new MeterReading(MeterFunction::Amps, $reading->red, '', $reading->value, $reading->overload, $reading->exact, $warnings);
    }

    /**
     * Microamperes d.c. with the meter in series with a wire, its burden far below what drives them: a flame's current.
     *
     * @throws UnknownName for a wire the circuit does not have
     */
    public function inSeries(string $wire, Settled $circuit): MeterReading
    {
        $w = $this->settler->model->circuit->wire($wire);
        [, $volts] = $this->settler->networks->direct($circuit->conditions, $circuit->states, $circuit->faults);
        $at = fn (string $point): float => $this->settler->model->node($point) < 0 ? 0.0 : $volts[$this->settler->model->node($point)];
        $siemens = $this->settler->model->component($wire)->elements(
            '',
            new Setting($circuit->conditions, $circuit->faults->in($wire), 0.0),
        )[0]->conductance();
        $reading = self::shown(MeterFunction::MicroampsDc, $wire, '', ($at($w->from) - $at($w->to)) * $siemens);

        return $reading->noting('In series: the wire off one end, the meter between it and its terminal.');
    }

    /**
     * The most a clamp holds while the unit comes up from standstill: its inrush.
     *
     * @param  non-empty-list<Clamped>  $wires
     *
     * @throws UnknownName for a wire the circuit does not have
     */
    public function held(array $wires, Settled $circuit): MeterReading
    {
        $most = null;
        $this->settler->witnessed(
            $circuit->conditions,
            $circuit->faults,
            function (Settled $moment) use (&$most, $wires): void {
                $reading = $this->clamp($wires, $moment);
                if ($most === null || $reading->exact > $most->exact) {
                    $most = $reading;
                }
            },
        );

        return ($most ?? $this->clamp($wires, $circuit))->noting('The most it showed, held: the current while a motor comes up.');
    }

    /** An insulation test; the reading stands as it is, what it comes to at 40 °C is told beside it. */
    public function insulation(string $red, string $black, Settled $circuit, InsulationTest $test): MeterReading
    {
        $refused = $this->refused(MeterFunction::Megohms, $red, $black, $circuit);
        if ($refused !== null) {
            return $refused;
        }
        $model = $this->settler->model;
        $network = $test->after($model, $this->settler->dead($circuit->conditions, $circuit->faults, $circuit->states, 0.0), $circuit);
        [$a, $b] = [$model->node($red), $model->node($black)];
        $ohms = $network->impedanceBetween($a, $b)->re;
        [$re] = $network->solve(
            array_filter(
                [$a => $test->volts / $ohms, $b => -$test->volts / $ohms],
                static fn (int $n): bool => $n >= 0,
                ARRAY_FILTER_USE_KEY,
            ),
        );
        $at = static fn (string $point): float => $model->node($point) < 0 ? 0.0 : $re[$model->node($point)];
        foreach ($model->parts as $component) {
            [$low, $high] = [INF, -INF];
            foreach ($component->isElectronic() ? $component->part->terminals : [] as $terminal) {
                $v = $at($component->part->point($terminal));
                [$low, $high] = [min($low, $v), max($high, $v)];
            }
            if ($high - $low > self::ELECTRONICS_VOLTS) {
                $warning = sprintf(
                    '%.0f V of the test would be across %s: never an insulation test through electronics. Lift its leads or '
                        .'unplug it first.',
                    $high - $low,
                    $component->part->label,
                );

                return new MeterReading(MeterFunction::Megohms, $red, $black, null, false, null, [$warning], false);
            }
        }
        $reading = self::shown(MeterFunction::Megohms, $red, $black, $ohms);
        $remarks = $test->remarks($reading->value);

        return new MeterReading(MeterFunction::Megohms, $red, $black, $reading->value, $reading->overload, $reading->exact, $remarks);
    }

    /** What stands against a test that feeds the circuit itself. */
    private function refused(MeterFunction $function, string $red, string $black, Settled $circuit): ?MeterReading
    {
        return self::refusedLive($function, $red, $black, $circuit)
            ?? $this->refusedDirect($function, $red, $black, $circuit)
            ?? $this->refusedCharged($function, $red, $black, $circuit);
    }

    /** A pilot's millivolts, which go on with the power off. */
    private function refusedDirect(MeterFunction $function, string $red, string $black, Settled $circuit): ?MeterReading
    {
        $direct = $circuit->model->direct;
        $volts = isset($direct[$red], $direct[$black]) ? $this->directVolts($circuit, $red, $black) : 0.0;
        if (abs($volts) <= self::SPOILS_DIRECT) {
            return null;
        }
        $warning = sprintf(
            'There are %s d.c. here, which this would read instead. Take a lead of the generator off, or shut the pilot and let it cool.',
            Display::said(MeterFunction::VoltsDc, $volts),
        );

        return new MeterReading($function, $red, $black, null, false, null, [$warning], false);
    }

    /** A charge that would be measured instead: what is read then is no ohms, and may be the end of the meter. */
    private function refusedCharged(MeterFunction $function, string $red, string $black, Settled $circuit): ?MeterReading
    {
        foreach ($this->charges($red, $black, $circuit) as $part => $volts) {
            if (abs($volts) > self::SPOILS) {
                $warning = sprintf(
                    '%s may still hold a charge of up to %.0f V, which this would read instead. Discharge it through a resistor first.',
                    $circuit->model->circuit->part($part)->label,
                    M_SQRT2 * abs($volts),
                );

                return new MeterReading($function, $red, $black, null, false, null, [$warning], false);
            }
        }

        return null;
    }

    /** @return array<string, float> volts that the charge of each capacitor puts between two points, by part */
    private function charges(string $red, string $black, Settled $circuit): array
    {
        $model = $circuit->model;
        $charges = [];
        $network = null;
        foreach ($model->parts as $id => $component) {
            foreach ($component->held($circuit->states[$id] ?? '') as [$a, $b, $volts]) {
                if ($circuit->at($component->nodeName($a))->minus($circuit->at($component->nodeName($b)))->abs() > self::SPOILS) {
                    continue;
                }
                $network ??= $this->settler->dead($circuit->conditions, $circuit->faults, $circuit->states, 0.0);
                [$p, $q] = [$model->nodeOf($component, $a), $model->nodeOf($component, $b)];
                $own = $network->impedanceBetween($p, $q)->re;
                [$re] = $network->solve(array_filter([$p => 1.0, $q => -1.0], static fn (int $n): bool => $n >= 0, ARRAY_FILTER_USE_KEY));
                $at = static fn (int $n): float => $n < 0 ? 0.0 : $re[$n];
                $share = ($at($model->node($red)) - $at($model->node($black))) / $own;
                $charges[(string) $id] = ($charges[(string) $id] ?? 0.0) + $share * $volts;
            }
        }

        return $charges;
    }

    private function directVolts(Settled $circuit, string $red, string $black): float
    {
        $model = $this->settler->model;
        [$network, $re] = $this->settler->networks->direct($circuit->conditions, $circuit->states, $circuit->faults);
        [$a, $b] = [$model->node($red), $model->node($black)];
        $open = ($a < 0 ? 0.0 : $re[$a]) - ($b < 0 ? 0.0 : $re[$b]);

        return $open * self::INPUT_OHMS / (self::INPUT_OHMS + $network->impedanceBetween($a, $b)->re)
            + array_sum($this->charges($red, $black, $circuit));
    }

    private static function refusedLive(MeterFunction $function, string $red, string $black, Settled $circuit): ?MeterReading
    {
        $live = max($circuit->at($red)->abs(), $circuit->at($black)->abs(), $circuit->between($red, $black)->abs());
        if ($live <= self::DEAD_BELOW) {
            return null;
        }
        $on = match ($function) {
            MeterFunction::Capacitance => 'capacitance',
            MeterFunction::Megohms => 'insulation',
            default => 'ohms',
        };
        $warning = sprintf(
            'There are %.3g V here. Never put a meter on %s across a live circuit: switch off, lock out, prove dead.',
            $live,
            $on,
        );

        return new MeterReading($function, $red, $black, null, false, null, [$warning], false);
    }

    /** What the volts function sees: the open-circuit voltage divided between the circuit and the meter's input. */
    public static function loadedVolts(Settled $circuit, string $red, string $black, float $inputOhms = self::INPUT_OHMS): float
    {
        $model = $circuit->model;
        $source = $circuit->network->impedanceBetween($model->node($red), $model->node($black));
        $share = (new Complex($inputOhms))->over($source->plus(new Complex($inputOhms)));

        return $circuit->between($red, $black)->times($share)->abs();
    }

    /**
     * At what angular frequency a dead test is made, rad/s.
     *
     * @throws WrongInstrument for a function that is none
     */
    public static function testOmega(MeterFunction $function): float
    {
        return match ($function) {
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Megohms => 0.0,
            MeterFunction::Capacitance => 2 * M_PI * self::TEST_HERTZ,
            default => throw WrongInstrument::notADeadTest($function),
        };
    }

    /**
     * @param  Factorisation  $network the circuit without its sources, at testOmega()
     *
     * @throws WrongInstrument for a function that is no dead test
     */
    public function readDead(MeterFunction $function, string $red, string $black, Factorisation $network): MeterReading
    {
        return match ($function) {
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Megohms => $this->resistance($function, $red, $black, $network),
            MeterFunction::Capacitance => $this->capacitance($red, $black, $network),
            default => throw WrongInstrument::notADeadTest($function),
        };
    }

    private function resistance(MeterFunction $function, string $red, string $black, Factorisation $network): MeterReading
    {
        $model = $this->settler->model;
        $ohms = $network->impedanceBetween($model->node($red), $model->node($black))->re + $this->leadOhms;
        $reading = self::shown($function, $red, $black, $ohms);
        if ($function === MeterFunction::Continuity && $ohms < self::BEEP_BELOW) {
            return new MeterReading($function, $red, $black, $reading->value, false, $ohms, ['The meter beeps.']);
        }

        return $reading;
    }

    private function capacitance(string $red, string $black, Factorisation $network): MeterReading
    {
        $model = $this->settler->model;
        $omega = self::testOmega(MeterFunction::Capacitance);
        $y = $network->impedanceBetween($model->node($red), $model->node($black))->inverse();
        $farads = $y->im / $omega;
        // a capacitance meter times a charge; a path that carries as much as the capacitor does leaves it nothing to time
        if (abs($y->re) > 0.2 * abs($y->im) || $farads < 0) {
            return new MeterReading(
                MeterFunction::Capacitance,
                $red,
                $black,
                null,
                true,
                null,
                ['Something in parallel spoils this reading: lift the leads of the capacitor first.'],
            );
        }

        return self::shown(MeterFunction::Capacitance, $red, $black, $farads);
    }

    private static function shown(MeterFunction $function, string $red, string $black, float $exact): MeterReading
    {
        $spec = Spec::of($function);
        $range = $spec->rangeFor($exact);
        if ($range === null) {
            return new MeterReading($function, $red, $black, null, true, $exact, []);
        }
        $step = $spec->resolution($range);

        return new MeterReading($function, $red, $black, round($exact / $step) * $step, false, $exact, []);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;

/**
 * A multimeter on a settled circuit: its own loading, its ranges, and what it must not be used for.
 */
final class Meter
{
    /** Input resistance on volts, Ω. Ordinary for a digital multimeter. [practice, no published source] */
    public const INPUT_OHMS = 10e6;

    /** Volts between the probes, or from a probe to earth, above which a dead test is refused. [practice, no published source] */
    private const DEAD_BELOW = 2.0;

    /** Capacitance is tested at this frequency, hertz. [practice, no published source] */
    private const TEST_HERTZ = 10.0;

    private const BEEP_BELOW = 30.0;

    public function __construct(private readonly Settler $settler)
    {
    }

    /** @throws UnknownName for a point the circuit does not have */
    public function read(MeterFunction $function, string $red, string $black, Settled $circuit): MeterReading
    {
        if ($function === MeterFunction::VoltsAc) {
            return self::shown($function, $red, $black, self::loadedVolts($circuit, $red, $black));
        }
        $live = max($circuit->at($red)->abs(), $circuit->at($black)->abs(), $circuit->between($red, $black)->abs());
        if ($live > self::DEAD_BELOW) {
            $warning = sprintf('There are %.3g V here. Never put a meter on %s across a live circuit: switch off, lock out, prove dead.', $live, $function === MeterFunction::Capacitance ? 'capacitance' : 'ohms');

            return new MeterReading($function, $red, $black, null, false, null, [$warning], false);
        }

        return $this->readDead($function, $red, $black, $this->settler->dead($circuit->conditions, $circuit->faults, $circuit->states, self::testOmega($function)));
    }

    /** What the volts function sees: the open-circuit voltage divided between the circuit and the meter's input. */
    public static function loadedVolts(Settled $circuit, string $red, string $black): float
    {
        $model = $circuit->model;
        $source = $circuit->network->impedanceBetween($model->node($red), $model->node($black));
        $share = (new Complex(self::INPUT_OHMS))->over($source->plus(new Complex(self::INPUT_OHMS)));

        return $circuit->between($red, $black)->times($share)->abs();
    }

    /** At what angular frequency a dead test is made, rad/s. */
    public static function testOmega(MeterFunction $function): float
    {
        return $function === MeterFunction::Capacitance ? 2 * M_PI * self::TEST_HERTZ : 0.0;
    }

    /** @param  Factorisation  $network the circuit without its sources, at testOmega() */
    public function readDead(MeterFunction $function, string $red, string $black, Factorisation $network): MeterReading
    {
        return $function === MeterFunction::Capacitance ? $this->capacitance($red, $black, $network) : $this->resistance($function, $red, $black, $network);
    }

    private function resistance(MeterFunction $function, string $red, string $black, Factorisation $network): MeterReading
    {
        $model = $this->settler->model;
        $ohms = $network->impedanceBetween($model->node($red), $model->node($black))->re;
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
            return new MeterReading(MeterFunction::Capacitance, $red, $black, null, true, null, ['Something in parallel spoils this reading: lift the leads of the capacitor first.']);
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

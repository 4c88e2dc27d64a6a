<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** A run capacitor while its motor runs: C = I/(2πf·V), with V across the capacitor and I in its own lead [physics]. */
final class UnderLoad extends RunCapacitorCheck
{
    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'capacitor-under-load',
            title: 'Capacitor, in circuit',
            how: 'While the motor runs: volts across the capacitor, amperes in its own lead to the start winding.',
            mistake: 'Supply volts instead of volts across the capacitor, or the current of the common or run lead.',
            caution: self::CAUTION,
            leavesOut: self::LEAVES_OUT,
            words: ['capacitor', 'run capacitor', 'dual', 'under load', 'amps', 'volts', 'weak', '2652', '2650'],
            entries: [
                Entry::number('marked', 'marked', Dimension::Capacitance),
                Entry::number('volts', 'across the capacitor', Dimension::Voltage),
                Entry::number('amps', 'in its lead', Dimension::Current, true),
                Entry::choice('hertz', 'supply', ['60 Hz', '50 Hz']),
                ...$this->furtherEntries(),
            ],
            row: $this->row('volts'),
            watched: $this->watched(),
        );
    }

    /** Farads. */
    public static function farads(float $amps, float $volts, float $hertz): float
    {
        return $amps / (2 * M_PI * $hertz * $volts);
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        [$volts, $amps] = [$given->number('volts'), $given->number('amps')];
        $farads = self::farads($amps, $volts, (float) $given->word('hertz'));
        $error = $amps > 0.0 ? $farads * hypot(
            Spec::of(MeterFunction::VoltsAc)->error($volts) / $volts,
            Spec::of(MeterFunction::Amps)->error($amps) / $amps,
        ) : 0.0;

        return $this->judged($given, $farads, $error, [
            new Figure('by volts and amperes', Dimension::Capacitance, $farads),
            new Figure('the meters may be off by', Dimension::Capacitance, $error),
        ], new Limit('C = I/(2πf·V)', Source::physics('reactance of a capacitor')));
    }
}

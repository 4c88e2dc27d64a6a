<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** A run capacitor, or one section of a dual one, on a capacitance meter. */
final class ByMeter extends RunCapacitorCheck
{
    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'capacitor',
            title: 'Capacitor',
            how: 'Off, discharged, its wires off. Microfarads, terminal to terminal; of a dual one each section to C.',
            mistake: 'Read with its wires on, or with a bleed resistor across it: the motor or the resistor is read as well.',
            caution: self::CAUTION,
            leavesOut: self::LEAVES_OUT,
            words: ['capacitor', 'run capacitor', 'dual', 'fan', 'herm', 'microfarads', 'µf', 'mfd', 'hums', 'weak'],
            entries: [
                Entry::number('marked', 'marked', Dimension::Capacitance),
                Entry::number('read', 'read', Dimension::Capacitance, true),
                ...$this->furtherEntries(),
            ],
            row: $this->row('read'),
            watched: $this->watched(),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $read = $given->maybe('read');

        return $this->judged($given, $read, Spec::of(MeterFunction::Capacitance)->error($read ?? 0.0), [
            new Figure('read', Dimension::Capacitance, $read),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A motor against the one that was there. */
final class Motor extends MatchCheck
{
    #[\Override]
    public function about(): About
    {
        return $this->described(
            'motor',
            'motor',
            'Locked out and proved dead; the capacitor discharged. Rotation is proved before the blade goes on.',
            'Bearings for the way it lies, rain shields, how long its leads are.',
            ['motor', 'fan', 'blower', 'condenser fan', 'hp', 'rpm', 'frame', 'rotation', 'bushing', 'capacitor'],
            self::beside(PieceShape::Winding, 'R', 'C', 'volts'),
        );
    }

    #[\Override]
    protected function then(): string
    {
        return 'Capacitor by the new motor\'s label; rotation before the blade goes on; its current at once, panels on.';
    }

    #[\Override]
    public function kinds(): array
    {
        return [
            'motor-psc',
            'motor-psc-speeds',
            'motor-three-phase',
            'motor-nine-lead',
            'motor-shaded-pole',
            'motor-capacitor-start',
        ];
    }

    #[\Override]
    public function plated(): array
    {
        return ['volts' => ['volts'], 'speed' => ['rpm'], 'capacitor' => ['capacitor_uf'], 'amps' => ['fla']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            Comparison::number(
                'volts',
                'volts',
                Dimension::Voltage,
                Rule::Within,
                Verdict::Bad,
                'Another voltage: it burns, or does not come up.',
                0.05,
            ),
            Comparison::choice(
                'phases',
                'phases',
                ['one', 'three'],
                Verdict::Bad,
                'Another number of phases: it cannot run there.',
            ),
            Comparison::number(
                'power',
                'power',
                Dimension::Power,
                Rule::AtLeast,
                Verdict::Bad,
                'Less power than its blade takes: it runs over its plate.',
            ),
            Comparison::number(
                'speed',
                'speed',
                Dimension::Speed,
                Rule::Within,
                Verdict::Bad,
                'Another speed: air goes with it, and the watts with its cube.',
                0.05,
            ),
            Comparison::choice(
                'rotation',
                'rotation',
                ['clockwise', 'counter-clockwise', 'either way'],
                Verdict::Watch,
                'Another rotation: swap the leads that set it, and prove it before the blade goes on.',
            ),
            Comparison::choice(
                'frame',
                'frame',
                ['42', '48', '56', 'other'],
                Verdict::Watch,
                'Another frame: another mount or its adapter.',
            ),
            Comparison::number(
                'shaft',
                'shaft',
                Dimension::Diameter,
                Rule::AtMost,
                Verdict::Bad,
                'A thicker shaft does not go into the hub; a thinner one takes a bushing.',
            ),
            Comparison::choice(
                'leads',
                'leads of a capacitor motor',
                ['three', 'four'],
                Verdict::Watch,
                'Four leads on three: the fourth is capped by itself, and the capacitor wired as the new label says.',
            ),
            Comparison::number(
                'capacitor',
                'capacitor',
                Dimension::Capacitance,
                Rule::Same,
                Verdict::Watch,
                'Another capacitor: the new motor\'s label decides, not the old can.',
            ),
            Comparison::number(
                'amps',
                'plate amperes',
                Dimension::Current,
                Rule::AtMost,
                Verdict::Watch,
                'It draws more: its overload, its contactor and its fuse are looked at again.',
            ),
        ];
    }
}

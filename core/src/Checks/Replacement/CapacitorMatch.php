<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A run or start capacitor against the one that was there. */
final class CapacitorMatch extends MatchCheck
{
    #[\Override]
    public function about(): About
    {
        return $this->described(
            'capacitor',
            'capacitor',
            'It can be charged with the power off: discharge it through a resistor, and prove it.',
            'How hot it gets where it stands.',
            ['capacitor', 'microfarads', 'dual', 'start', 'run', '370', '440', 'volts'],
            self::beside(PieceShape::Capacitor, 'C', 'HERM', 'farads'),
        );
    }

    #[\Override]
    protected function then(): string
    {
        return 'Volts over it and amperes in its lead, which together say its microfarads under load.';
    }

    #[\Override]
    public function kinds(): array
    {
        return ['capacitor-run', 'capacitor-dual', 'capacitor-start'];
    }

    #[\Override]
    public function plated(): array
    {
        return ['farads' => ['run_uf', 'herm_uf', 'start_uf'], 'second' => ['fan_uf'], 'volts' => ['volts']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            Comparison::number(
                'farads',
                'capacitance',
                Dimension::Capacitance,
                Rule::Within,
                Verdict::Bad,
                'Other microfarads: the motor runs hot, slow or backwards.',
                0.06,
            ),
            Comparison::number(
                'second',
                'second section',
                Dimension::Capacitance,
                Rule::Within,
                Verdict::Bad,
                'Other microfarads of its other section.',
                0.06,
            ),
            Comparison::number(
                'volts',
                'volts',
                Dimension::Voltage,
                Rule::AtLeast,
                Verdict::Bad,
                'Fewer volts: it does not last a summer.',
            ),
            Comparison::choice(
                'duty',
                'duty',
                ['run', 'start'],
                Verdict::Bad,
                'A start capacitor left in circuit bursts; a run capacitor starts nothing hard.',
            ),
        ];
    }
}

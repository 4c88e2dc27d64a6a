<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** Start gear against what was there, or what the compressor\'s maker asks for. */
final class StartGearMatch extends MatchCheck
{
    /** The kind that knows by voltage when the motor is up. */
    private const BY_VOLTAGE = 'potential relay';

    #[\Override]
    public function about(): About
    {
        return $this->described(
            'start-gear',
            'start gear',
            'Start capacitor charged: discharge it through its resistor, and prove it. Never run a compressor with its relay stuck.',
            'A PTC or two-wire kit, which waits by heat or time; a relay that drops out by voltage knows when the motor is up.',
            ['start gear', 'hard start', 'potential relay', 'start capacitor', 'pick-up', 'kit'],
            self::beside(PieceShape::Capacitor, 'run', 'start', 'farads'),
        );
    }

    #[\Override]
    protected function habits(): array
    {
        return [Entry::habit('prefers', 'rather', Habit::StartGear)];
    }

    #[\Override]
    protected function byHabit(Given $given): array
    {
        $isOther = ! in_array($given->word('new_kind'), [self::BY_VOLTAGE, Comparison::UNKNOWN], true);

        return $isOther && $given->word('prefers') === Habit::BY_VOLTAGE ? [new Finding(
            Verdict::Watch,
            'It does not drop out by voltage. One that does is fitted rather: it knows when the motor is up.',
            [],
            new Limit('Rather a relay that drops out by voltage.', Source::practice()),
        )] : [];
    }

    #[\Override]
    protected function then(): string
    {
        return 'It starts, and the start winding\'s current is gone within a second; three starts, ten minutes apart.';
    }

    #[\Override]
    public function kinds(): array
    {
        return ['relay-potential', 'start-kit-ptc'];
    }

    #[\Override]
    public function plated(): array
    {
        return ['farads' => ['start_uf'], 'pickup' => ['pick_up']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            Comparison::number(
                'farads',
                'start capacitor',
                Dimension::Capacitance,
                Rule::Within,
                Verdict::Bad,
                'Other microfarads: too little torque, or a start winding that burns.',
                0.1,
            ),
            Comparison::number(
                'volts',
                'its volts',
                Dimension::Voltage,
                Rule::AtLeast,
                Verdict::Bad,
                'Fewer volts: it bursts.',
            ),
            Comparison::number(
                'pickup',
                'relay pick-up',
                Dimension::Voltage,
                Rule::Within,
                Verdict::Bad,
                'Another pick-up: it drops out too soon, or never.',
                0.05,
            ),
            Comparison::number(
                'coil',
                'relay coil, continuous volts',
                Dimension::Voltage,
                Rule::AtLeast,
                Verdict::Bad,
                'A coil for fewer volts burns while the compressor runs.',
            ),
            Comparison::choice(
                'kind',
                'kind',
                [self::BY_VOLTAGE, 'current relay', 'PTC', 'two-wire kit'],
                Verdict::Watch,
                'Another kind: how it knows that the motor is up differs.',
            ),
        ];
    }
}

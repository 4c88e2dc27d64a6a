<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Machines\ThreePhaseMotor;
use Levin\Core\Parts\Machines\Unbalance;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A phase monitor: its contact C–NO is closed while all three lines are near their voltage, balanced and in the right order. */
final class PhaseMonitor extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('phase-monitor', 'Phase monitor', ['L1', 'L2', 'L3', 'C', 'NO', 'NC'], [
            Field::number('volts', 'V', 'rated, line to line', 100, 720),
            Field::number('least_percent', '%', 'of rated below which it opens', 50, 99, 85),
            Field::number('unbalance_percent', '%', 'above which it opens', 1, 20, 4),
            Field::number('restart_delay', 's', 'from good lines to contact closed', 0, 600, 3),
        ], bare: ['NO', 'NC'],
            usual: ['volts' => 460],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $winding = Values::ohms(1e5);

        return [
            Element::between('L1', 'L2', $winding),
            Element::between('L2', 'L3', $winding),
            Element::between('L3', 'L1', $winding),
            Element::between(
                'C',
                'NO',
                Values::contact(($state === 'good' && ! $setting->has('contact-burnt')) || $setting->has('welded')),
            ),
            Element::between('C', 'NC', Values::contact($state !== 'good' && ! $setting->has('welded'))),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'fault';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $good = $this->isGood($voltages) && ! $setting->has('dead');

        return match (true) {
            ! $good => 'fault',
            $state === 'good' => $state,
            default => $this->part->number('restart_delay') > 0.0 ? 'waiting' : 'good',
        };
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return $state === 'waiting' ? [new Pending('good', $this->part->number('restart_delay'))] : [];
    }

    #[\Override]
    public function observables(): array
    {
        return ['shows good', 'shows a fault'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'good' ? 'shows good' : 'shows a fault';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('dead', 'shows a fault on good lines', 0.8),
            new FaultMode('contact-burnt', 'contact does not make', 0.5),
            new FaultMode('welded', 'contact stuck closed', 0.2),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Sense, 'L1', 'L2'),
            new Symbol(SymbolShape::Sense, 'L2', 'L3'),
            new Symbol(SymbolShape::Contact, 'C', 'NO', 'lines good'),
        ];
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }

    private function isGood(Voltages $voltages): bool
    {
        $volts = [$voltages->volts('L1', 'L2'), $voltages->volts('L2', 'L3'), $voltages->volts('L3', 'L1')];
        if (min($volts) < $this->part->number('volts') * $this->part->number('least_percent') / 100) {
            return false;
        }
        [$positive, $negative] = ThreePhaseMotor::sequences($voltages->across('L1', 'L3'), $voltages->across('L2', 'L3'));

        return Unbalance::percent($volts) <= $this->part->number('unbalance_percent') && $positive->abs() > $negative->abs();
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Electronics;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * An economizer actuator: 24 V on R–C, a call on Y opens it in its time, and its end switch 1–2 closes at the end. It springs
 * shut without power.
 */
final class Economizer extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('economizer', 'Economizer actuator with end switch', ['R', 'C', 'Y', '1', '2'], [
            Field::number('va', 'VA', 'what it takes', 1, 50, 8),
            Field::number('stroke', 's', 'from shut to open', 1, 300, 90),
        ], bare: ['1', '2']);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $motor = $setting->has('dead') ? Values::OPEN : Values::ohms(24.0 ** 2 / $this->part->number('va'));

        return [
            Element::between('R', 'C', $motor),
            Element::between('Y', 'C', Values::ohms(1e4)),
            Element::between('1', '2', Values::contact(($state === 'open' && ! $setting->has('end-open')) || $setting->has('end-stuck'))),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'shut';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $called = $voltages->volts('R', 'C') > 18.0
            && $voltages->volts('Y', 'C') > 15.0
            && ! $setting->has('stuck-shut')
            && ! $setting->has('dead');

        return match (true) {
            ! $called => 'shut',
            $state === 'open' => 'open',
            default => 'opening',
        };
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return $state === 'opening' ? [new Pending('open', $this->part->number('stroke'))] : [];
    }

    #[\Override]
    public function observables(): array
    {
        return ['shut', 'opening', 'open'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state;
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('dead', 'does not move with its power and call', 1.0),
            new FaultMode('stuck-shut', 'linkage broken: stays shut', 1.0),
            new FaultMode('end-open', 'end switch does not make', 0.6),
            new FaultMode('end-stuck', 'end switch stuck closed', 0.2),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Board, 'R', 'C', 'actuator'),
            new Symbol(SymbolShape::Sense, 'Y', 'C', 'call'),
            new Symbol(SymbolShape::Switch, '1', '2', 'end switch'),
        ];
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }
}

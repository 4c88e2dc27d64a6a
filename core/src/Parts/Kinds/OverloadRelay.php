<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Component;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A three-pole overload relay: heaters L–T in a motor's leads, contact 95–96 in its starter's coil circuit. */
final class OverloadRelay extends Component
{
    private const HEATER_OHMS = 5e-3;

    private const POLES = [1, 2, 3];

    public static function definition(): Definition
    {
        return new Definition('overload-relay', 'Overload relay, three pole', ['L1', 'L2', 'L3', 'T1', 'T2', 'T3', '95', '96'], [
            Field::number('amps', 'A', 'its setting', 0.1, 200),
            Field::choice('reset', 'how it closes again', ['manual', 'automatic']),
        ]);
    }

    public function elements(): array
    {
        return [...array_map(static fn (int $n): Element => Element::between("L$n", "T$n"), self::POLES), Element::between('95', '96')];
    }

    public function initialState(): string
    {
        return 'closed';
    }

    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    public function stamps(string $state, Setting $setting): array
    {
        return [
            ...array_map(static fn (int $n): array => $setting->has("heater$n-open") ? Values::OPEN : Values::ohms(self::HEATER_OHMS), self::POLES),
            Values::contact($state === 'closed' && ! $setting->has('tripped')),
        ];
    }

    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $relay = Overload::relay($this->part->number('amps'));
        if ($state !== 'closed') {
            return $this->part->text('reset') === 'automatic' ? $relay->open('closed') : null;
        }

        return $relay->closed(max(array_map(static fn (int $n): float => $voltages->across("L$n", "T$n")->abs() / self::HEATER_OHMS, self::POLES)), 'tripped');
    }

    public function observables(): array
    {
        return ['set', 'tripped'];
    }

    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'closed' && ! $setting->has('tripped') ? 'set' : 'tripped';
    }

    public function afterReset(string $state): string
    {
        return 'closed';
    }

    public function faults(): array
    {
        return [
            new FaultMode('tripped', 'tripped', 1.5),
            ...array_map(static fn (int $n): FaultMode => new FaultMode("heater$n-open", "heater $n burnt open", 0.2), self::POLES),
        ];
    }

    public function symbols(): array
    {
        return [...array_map(static fn (int $n): Symbol => new Symbol(SymbolShape::Link, "L$n", "T$n", 'overload'), self::POLES), new Symbol(SymbolShape::Thermal, '95', '96', 'overload')];
    }

    public function isLoad(): bool
    {
        return false;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A three-pole overload relay: heaters L–T in a motor's leads, contact 95–96 in its starter's coil circuit. */
final class OverloadRelay extends Kind
{
    private const HEATER_OHMS = 5e-3;

    private const POLES = [1, 2, 3];

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('overload-relay', 'Overload relay, three pole', ['L1', 'L2', 'L3', 'T1', 'T2', 'T3', '95', '96'], [
            Field::number('amps', 'A', 'its setting', 0.1, 200),
            Field::choice('reset', 'how it closes again', ['manual', 'automatic']),
        ],
            usual: ['amps' => 4.8],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $heater = static fn (int $n): array => $setting->has("heater$n-open") ? Values::OPEN : Values::ohms(self::HEATER_OHMS);

        return [
            ...array_map(static fn (int $n): Element => Element::between("L$n", "T$n", $heater($n)), self::POLES),
            Element::between('95', '96', Values::contact($state === 'closed' && ! $setting->has('tripped'))),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'closed';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $relay = Overload::relay($this->part->number('amps'));
        if ($state !== 'closed') {
            return $this->part->text('reset') === 'automatic' ? $relay->open('closed') : null;
        }

        return $relay->closed(
            max(array_map(static fn (int $n): float => $voltages->volts("L$n", "T$n") / self::HEATER_OHMS, self::POLES)),
            'tripped',
        );
    }

    #[\Override]
    public function observables(): array
    {
        return ['set', 'tripped'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'closed' && ! $setting->has('tripped') ? 'set' : 'tripped';
    }

    #[\Override]
    public function afterReset(string $state): string
    {
        return 'closed';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('tripped', 'tripped', 1.5),
            ...array_map(static fn (int $n): FaultMode => new FaultMode("heater$n-open", "heater $n burnt open", 0.2), self::POLES),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            ...array_map(static fn (int $n): Symbol => new Symbol(SymbolShape::Link, "L$n", "T$n", 'overload'), self::POLES),
            new Symbol(SymbolShape::Thermal, '95', '96', 'overload'),
        ];
    }

    #[\Override]
    public function isLoad(): bool
    {
        return false;
    }
}

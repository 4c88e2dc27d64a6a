<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

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
 * A motor protection module: it feeds the sensors in the windings (S1–S2) from 5 V d.c. through 5 kΩ, and holds M1–M2 closed while it
 * has power on T1–T2 and their ohms are between 30 Ω and 4.5 kΩ; after a trip it wants them below 2.75 kΩ for its delay.
 * [practice, no published source]
 */
final class MotorProtector extends Kind
{
    private const VOLTS = 5.0;

    private const SERIES = 5000.0;

    private const SHORTED = 30.0;

    private const TRIPS = 4500.0;

    private const RESETS = 2750.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('motor-protector', 'Motor protection module', ['T1', 'T2', 'S1', 'S2', 'M1', 'M2'], [
            Field::number('volts', 'V', 'rated supply', 20, 480, 24),
            Field::number('delay', 's', 'from good sensors to contact closed after a trip', 1, 3600, 1800),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $y = 1 / self::SERIES;
        $feeds = $setting->sources && $setting->isDirect() && $state !== 'off';

        return [
            Element::between('T1', 'T2', Values::ohms($this->part->number('volts') ** 2 / 3.0)),
            Element::source('S1', 'S2', [$y, 0.0, $feeds ? $y * self::VOLTS : 0.0, 0.0]),
            Element::between(
                'M1',
                'M2',
                Values::contact(($state === 'good' && ! $setting->has('contact-burnt')) || $setting->has('welded')),
            ),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'off';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($voltages->volts('T1', 'T2') < 0.75 * $this->part->number('volts') || $setting->has('dead')) {
            return 'off';
        }
        $volts = $voltages->direct('S1', 'S2');
        $ohms = $volts >= self::VOLTS - 1e-9 ? INF : self::SERIES * $volts / (self::VOLTS - $volts);

        return match (true) {
            $state === 'off' => 'starting',
            $state === 'starting' || $state === 'good' => $ohms > self::SHORTED && $ohms < self::TRIPS
                ? 'good'
                : ($state === 'starting' && $volts == 0.0 ? $state : 'tripped'),
            $ohms > self::SHORTED && $ohms < self::RESETS => 'waiting',
            default => 'tripped',
        };
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return match ($state) {
            'starting' => [new Pending('tripped', 1.0)],
            'waiting' => [new Pending('good', $this->part->number('delay'))],
            default => [],
        };
    }

    #[\Override]
    public function observables(): array
    {
        return ['lit', 'flashing', 'dark'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match ($state) {
            'good' => 'lit',
            'off' => 'dark',
            default => 'flashing',
        };
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('dead', 'dead with power on it', 1.0),
            new FaultMode('contact-burnt', 'contact does not make', 0.5),
            new FaultMode('welded', 'contact stuck closed', 0.1),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Board, 'T1', 'T2', 'module'),
            new Symbol(SymbolShape::Sense, 'S1', 'S2', 'sensors'),
            new Symbol(SymbolShape::Contact, 'M1', 'M2', 'protection'),
        ];
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Heaters;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A spark igniter fed from the low-voltage side: it ticks while it has its volts. The spark itself is not a circuit here. */
final class SparkIgniter extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('igniter-spark', 'Spark igniter', ['1', '2'], [
            Field::number('volts', 'V', 'rated supply', 12, 240, 24),
            Field::number('va', 'VA', 'what it takes', 0.5, 50, 6),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $ohms = $this->part->number('volts') ** 2 / $this->part->number('va');

        return [Element::between('1', '2', $setting->has('dead') ? Values::OPEN : Values::ohms($ohms))];
    }

    #[\Override]
    public function observables(): array
    {
        return ['sparks', 'no spark'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        $fed = $voltages->volts('1', '2') > 0.75 * $this->part->number('volts');

        return $fed && ! $setting->has('dead') && ! $setting->has('electrode') ? 'sparks' : 'no spark';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('dead', 'takes nothing', 1.0),
            new FaultMode('electrode', 'electrode or lead lets the spark go to ground', 1.2),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Coil, '1', '2', 'spark')];
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }
}

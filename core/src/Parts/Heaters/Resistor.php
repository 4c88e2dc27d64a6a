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

/** A plain resistor: the bleed resistor of a start capacitor. */
final class Resistor extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'resistor', 'Resistor', ['1', '2'], [Field::number('ohms', 'Ω', 'resistance', 0.1, 1e7)],
            usual: ['ohms' => 15000],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $ohms = $this->part->number('ohms') * $setting->degree('drifted', 2.0, 1.0);

        return [Element::between('1', '2', $setting->has('open') ? Values::OPEN : Values::ohms($ohms))];
    }

    #[\Override]
    public function faults(): array
    {
        return [new FaultMode('open', 'open', 0.3), new FaultMode('drifted', 'off its value', 0.05, 'times its value', [0.5, 2.0, 5.0])];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Resistor, '1', '2', sprintf('%g kΩ', $this->part->number('ohms') / 1000))];
    }

    #[\Override]
    public function isLoad(): bool
    {
        return false;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Component;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A plain resistor: the bleed resistor of a start capacitor. */
final class Resistor extends Component
{
    public static function definition(): Definition
    {
        return new Definition('resistor', 'Resistor', ['1', '2'], [Field::number('ohms', 'Ω', 'resistance', 0.1, 1e7)]);
    }

    public function elements(): array
    {
        return [Element::between('1', '2')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        return [$setting->has('open') ? Values::OPEN : Values::ohms($this->part->number('ohms') * ($setting->has('drifted') ? $setting->amount('drifted', 2.0) : 1.0))];
    }

    public function faults(): array
    {
        return [new FaultMode('open', 'open', 0.3), new FaultMode('drifted', 'off its value', 0.05, 'times its value')];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Resistor, '1', '2', sprintf('%g kΩ', $this->part->number('ohms') / 1000))];
    }

    public function isLoad(): bool
    {
        return false;
    }
}

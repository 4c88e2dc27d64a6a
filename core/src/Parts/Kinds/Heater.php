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

/** A resistance heater: R = V²/P. */
final class Heater extends Component
{
    public static function definition(): Definition
    {
        return new Definition('heater', 'Heater', ['1', '2'], [
            Field::number('volts', 'V', 'rated voltage', 12, 600),
            Field::number('watts', 'W', 'rated power', 1, 50000),
        ]);
    }

    public function elements(): array
    {
        return [Element::between('1', '2'), Element::between('1', '#case')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        $ohms = $this->part->number('volts') ** 2 / $this->part->number('watts');

        return [$setting->has('open') ? Values::OPEN : Values::ohms($ohms), Values::short($setting->has('grounded'))];
    }

    public function faults(): array
    {
        return [new FaultMode('open', 'open', 0.8), new FaultMode('grounded', 'grounded', 0.3)];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Resistor, '1', '2', sprintf('%g W', $this->part->number('watts')))];
    }
}

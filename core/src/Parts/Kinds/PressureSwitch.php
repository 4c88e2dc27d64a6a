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

/** A pressure switch in the control string. `tripped` is the switch doing its job: the cause is outside the wiring. */
final class PressureSwitch extends Component
{
    public static function definition(): Definition
    {
        return new Definition('pressure-switch', 'Pressure switch', ['1', '2'], [
            Field::condition('opened_by', 'the condition under which it opens'),
            Field::text('cause', 'what has happened when it opens rightly', 'pressure out of range'),
        ]);
    }

    public function elements(): array
    {
        return [Element::between('1', '2')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        $opens = $setting->has('tripped') || $setting->isOn($this->part->text('opened_by'));

        return [Values::contact(! $setting->has('open') && (! $opens || $setting->has('stuck-closed')))];
    }

    public function faults(): array
    {
        return [
            new FaultMode('open', 'switch open, pressure good', 1.5),
            new FaultMode('tripped', $this->part->text('cause').' (switch did its job)', 2.0),
            new FaultMode('stuck-closed', 'switch stuck closed', 0.2),
        ];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Pressure, '1', '2')];
    }
}

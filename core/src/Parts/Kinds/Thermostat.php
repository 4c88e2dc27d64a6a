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

/** A cooling thermostat on its sub-base: R to Y on a call for cooling, R to G on a call for the fan. */
final class Thermostat extends Component
{
    public static function definition(): Definition
    {
        return new Definition('thermostat', 'Thermostat', ['R', 'Y', 'G'], [
            Field::condition('y_called_by', 'the condition that is a call for cooling'),
            Field::condition('g_called_by', 'the condition that is a call for the fan'),
        ]);
    }

    public function elements(): array
    {
        return [Element::between('R', 'Y'), Element::between('R', 'G')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        $made = fn (string $t): array => Values::contact($setting->has("$t-stuck") || (! $setting->has("$t-open") && $setting->isOn($this->part->text("{$t}_called_by"))));

        return [$made('y'), $made('g')];
    }

    public function faults(): array
    {
        return [
            new FaultMode('y-open', 'does not make R to Y', 1.0),
            new FaultMode('g-open', 'does not make R to G', 0.8),
            new FaultMode('y-stuck', 'R to Y stuck closed', 0.3),
            new FaultMode('g-stuck', 'R to G stuck closed', 0.3),
        ];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Contact, 'R', 'Y', 'cooling'), new Symbol(SymbolShape::Contact, 'R', 'G', 'fan')];
    }
}

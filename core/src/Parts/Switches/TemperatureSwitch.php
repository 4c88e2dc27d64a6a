<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** A thermostat that works a circuit of its own: a box or coil thermostat, a freeze switch, a termination or fan-delay switch. */
final class TemperatureSwitch extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('temperature-switch', 'Temperature switch', ['1', '2'], self::switchFields('temperature out of range'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'temperature out of range';
    }

    #[\Override]
    protected function shape(): SymbolShape
    {
        return SymbolShape::Thermal;
    }
}

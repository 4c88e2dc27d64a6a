<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** A pressure switch: high or low pressure, loss of charge, fan cycling; with automatic or manual reset. */
final class PressureSwitch extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('pressure-switch', 'Pressure switch', ['1', '2'], self::switchFields('pressure out of range'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'pressure out of range';
    }

    #[\Override]
    protected function shape(): SymbolShape
    {
        return SymbolShape::Pressure;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** A float switch in a drain pan. */
final class FloatSwitch extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('float-switch', 'Float switch', ['1', '2'], self::switchFields('water in the pan'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'water in the pan';
    }

    #[\Override]
    protected function shape(): SymbolShape
    {
        return SymbolShape::Switch;
    }
}

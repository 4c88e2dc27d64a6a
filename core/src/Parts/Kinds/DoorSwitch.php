<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** An interlock that a blower door holds closed. */
final class DoorSwitch extends SensingSwitch
{
    public static function definition(): Definition
    {
        return new Definition('door-switch', 'Door switch', ['1', '2'], self::switchFields('door off'));
    }

    protected function cause(): string
    {
        return 'door off';
    }

    protected function shape(): SymbolShape
    {
        return SymbolShape::Switch;
    }
}

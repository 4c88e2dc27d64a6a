<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** An interlock that a blower door holds closed. */
final class DoorSwitch extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('door-switch', 'Door switch', ['1', '2'], self::switchFields('door off'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'door off';
    }

    #[\Override]
    protected function shape(): SymbolShape
    {
        return SymbolShape::Switch;
    }
}

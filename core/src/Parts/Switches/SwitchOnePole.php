<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;

/** A hand switch in one leg: a service switch, an emergency switch. */
final class SwitchOnePole extends PoleSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('switch-1p', 'Switch, one pole', self::poleTerminals(), self::switchFields());
    }

    #[\Override]
    protected static function poles(): int
    {
        return 1;
    }
}

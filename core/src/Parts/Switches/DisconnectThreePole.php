<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;

/** A three-pole disconnect without fuses. */
final class DisconnectThreePole extends PoleSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('disconnect-3p', 'Disconnect, three pole', self::poleTerminals(), self::switchFields());
    }

    #[\Override]
    protected static function poles(): int
    {
        return 3;
    }
}

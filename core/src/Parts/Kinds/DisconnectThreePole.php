<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;

/** A three-pole disconnect without fuses. */
final class DisconnectThreePole extends PoleSwitch
{
    public static function definition(): Definition
    {
        return new Definition('disconnect-3p', 'Disconnect, three pole', self::poleTerminals(), self::switchFields());
    }

    protected static function poles(): int
    {
        return 3;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;

/** The unit's disconnect; its fuses are parts of their own, so that each can be read. */
final class Disconnect extends PoleSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('disconnect', 'Disconnect, two pole', self::poleTerminals(), self::switchFields());
    }

    #[\Override]
    protected static function poles(): int
    {
        return 2;
    }
}

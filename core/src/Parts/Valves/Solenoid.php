<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Valves;

use Levin\Core\Parts\Definition;

/** A liquid-line solenoid or the like: open while its coil is fed. */
final class Solenoid extends CoilLoad
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'solenoid', 'Solenoid valve', ['1', '2'], self::coilFields(),
            usual: ['coil_volts' => 240, 'coil_ohms' => 800, 'va' => 14],
        );
    }

    #[\Override]
    protected function words(): array
    {
        return ['open', 'closed'];
    }
}

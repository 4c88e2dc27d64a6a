<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Valves;

use Levin\Core\Parts\Definition;

/** The solenoid that lifts the scrolls of a digital compressor apart: fed, it pumps nothing. */
final class Unloader extends CoilLoad
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'unloader', 'Digital scroll unloader', ['1', '2'], self::coilFields(),
            usual: ['coil_ohms' => 30, 'va' => 9],
        );
    }

    #[\Override]
    protected function words(): array
    {
        return ['unloaded', 'loaded'];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Valves;

use Levin\Core\Parts\Definition;

/** The four-way valve of a heat pump. */
final class ReversingValve extends CoilLoad
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'reversing-valve', 'Reversing valve', ['1', '2'], self::coilFields(),
            usual: ['coil_ohms' => 22, 'va' => 9],
        );
    }

    #[\Override]
    protected function words(): array
    {
        return ['shifted', 'at rest'];
    }
}

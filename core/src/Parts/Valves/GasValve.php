<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Valves;

use Levin\Core\Parts\Definition;

/** A gas valve: open while its coil is fed. */
final class GasValve extends CoilLoad
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('gas-valve', 'Gas valve', ['1', '2'], self::coilFields(), usual: ['coil_ohms' => 48, 'va' => 8]);
    }

    #[\Override]
    protected function words(): array
    {
        return ['open', 'closed'];
    }
}

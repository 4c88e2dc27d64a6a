<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;

/** A gas valve: open while its coil is fed. */
final class GasValve extends CoilLoad
{
    public static function definition(): Definition
    {
        return new Definition('gas-valve', 'Gas valve', ['1', '2'], self::coilFields());
    }

    protected function words(): array
    {
        return ['open', 'closed'];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;

/** The four-way valve of a heat pump. */
final class ReversingValve extends CoilLoad
{
    public static function definition(): Definition
    {
        return new Definition('reversing-valve', 'Reversing valve', ['1', '2'], self::coilFields());
    }

    protected function words(): array
    {
        return ['shifted', 'at rest'];
    }
}

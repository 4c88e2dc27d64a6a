<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;

/** The coil of a contactor or relay whose contacts are not drawn: where one rung is all there is of a unit. */
final class Coil extends ContactSet
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'coil', 'Coil of a contactor or relay, without its contacts', ['A', 'B'], self::coilFields(),
            usual: ['coil_volts' => 24, 'coil_ohms' => 12, 'sealed_va' => 9, 'inrush_va' => 28],
        );
    }

    #[\Override]
    protected function contacts(): array
    {
        return [];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;

/** A relay with two normally open contacts. */
final class RelayDpst extends ContactSet
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'relay-dpst',
            'Relay, two normally open contacts',
            ['A', 'B', 'C1', 'NO1', 'C2', 'NO2'],
            self::coilFields(),
            optional: ['C2', 'NO2'],
            usual: ['coil_volts' => 24, 'coil_ohms' => 20, 'sealed_va' => 4, 'inrush_va' => 9],
        );
    }

    #[\Override]
    protected function contacts(): array
    {
        return [
            new Contact('no1', 'C1', 'NO1'),
            new Contact('no2', 'C2', 'NO2'),
        ];
    }
}

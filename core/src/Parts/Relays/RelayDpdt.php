<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;

/** A relay with two changeover contacts. */
final class RelayDpdt extends ContactSet
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'relay-dpdt',
            'Relay, two changeover contacts',
            ['A', 'B', 'C1', 'NO1', 'NC1', 'C2', 'NO2', 'NC2'],
            self::coilFields(),
            optional: ['NO1', 'NC1', 'C2', 'NO2', 'NC2'],
            usual: ['coil_volts' => 24, 'coil_ohms' => 20, 'sealed_va' => 4, 'inrush_va' => 9],
        );
    }

    #[\Override]
    protected function contacts(): array
    {
        return [
            new Contact('no1', 'C1', 'NO1'),
            new Contact('nc1', 'C1', 'NC1', true),
            new Contact('no2', 'C2', 'NO2'),
            new Contact('nc2', 'C2', 'NC2', true),
        ];
    }
}

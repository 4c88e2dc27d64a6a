<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;

/** A relay with one changeover contact: a fan relay, a control relay. */
final class RelaySpdt extends ChangeoverRelay
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'relay-spdt',
            'Relay, one changeover contact',
            ['A', 'B', 'C', 'NO', 'NC'],
            self::coilFields(),
            optional: ['NO', 'NC'],
            usual: ['coil_volts' => 24, 'coil_ohms' => 18, 'sealed_va' => 5, 'inrush_va' => 11],
        );
    }
}

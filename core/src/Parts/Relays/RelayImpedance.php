<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Voltages;

/** A lockout relay with a coil of high impedance across the safeties: shorted out while they are closed. When one opens, the coil
 * takes the voltage, in series with a contactor coil that is left too little to pull in, opens its own contact in that string and so
 * holds until the call is taken away. */
final class RelayImpedance extends ChangeoverRelay
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'relay-impedance',
            'Impedance (lockout) relay',
            ['A', 'B', 'C', 'NO', 'NC'],
            self::coilFields(),
            optional: ['NO'],
            usual: ['coil_volts' => 24, 'coil_ohms' => 900, 'sealed_va' => 0.5, 'inrush_va' => 0.6],
        );
    }

    #[\Override]
    public function observables(): array
    {
        return ['pulled in', 'dropped out'];
    }

    /** Its coil is too fine to be heard. */
    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'in' || $setting->has('welded') ? 'pulled in' : 'dropped out';
    }
}

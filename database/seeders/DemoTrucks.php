<?php

namespace Database\Seeders;

use App\Shop\TruckPart;
use App\Shop\User;

/** What the trucks of the demo carry: the usual, and not always the right one. */
final class DemoTrucks
{
    /** what compares it, what it is, its plate */
    private const PARTS = [
        ['replace-capacitor', 'Dual run capacitor 40 + 5 µF, 440 V', [
            'farads' => '40 µF', 'second' => '5 µF', 'volts' => '440 V', 'duty' => 'run',
        ]],
        ['replace-capacitor', 'Dual run capacitor 45 + 5 µF, 370 V', [
            'farads' => '45 µF', 'second' => '5 µF', 'volts' => '370 V', 'duty' => 'run',
        ]],
        ['replace-capacitor', 'Run capacitor 10 µF, 440 V', ['farads' => '10 µF', 'volts' => '440 V', 'duty' => 'run']],
        ['replace-contactor', 'Contactor, two poles 30 A, 24 V coil', [
            'coil' => '24 V', 'poles' => '2', 'amps' => '30 A', 'volts' => '600 V',
        ]],
        ['replace-contactor', 'Contactor, one pole 30 A, 24 V coil', [
            'coil' => '24 V', 'poles' => '1', 'amps' => '30 A', 'volts' => '600 V', 'switched' => 'one leg',
        ]],
        ['replace-motor', 'Condenser fan motor 187 W, 1075 r/min, 240 V, universal', [
            'volts' => '240 V', 'phases' => 'one', 'power' => '187 W', 'speed' => '1075 r/min', 'rotation' => 'either way', 'frame' => '48',
            'leads' => 'four', 'capacitor' => '7.5 µF', 'amps' => '1.4 A',
        ]],
        ['replace-fuse', 'Fuse 30 A, time delay, class R, 250 V', [
            'amps' => '30 A', 'volts' => '250 V', 'class' => 'R', 'speed' => 'time delay',
        ]],
        ['replace-transformer', 'Transformer 120/208/240 V to 24 V, 40 VA', ['primary' => '240 V', 'secondary' => '24 V', 'va' => '40 VA']],
        ['replace-relay', 'Relay, normally open, 24 V coil', ['coil' => '24 V', 'contacts' => 'normally open', 'amps' => '12 A']],
    ];

    /** @param  array<string, User>  $people */
    public static function load(array $people): void
    {
        foreach (array_values($people) as $n => $user) {
            foreach (self::PARTS as $m => [$check, $label, $plate]) {
                // not every truck has everything
                if (($n + $m) % 4 !== 3) {
                    TruckPart::query()->create([
                        'user_id' => $user->id, 'check' => $check, 'label' => $label, 'plate' => $plate, 'count' => 1 + ($n + $m) % 3,
                    ]);
                }
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Voltages;

/**
 * A potential relay: coil 5–2 across the start winding, contact 1–2 closed at rest; it lifts on the voltage of a motor that has
 * come up.
 */
final class RelayPotential extends ContactSet
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('relay-potential', 'Potential (start) relay', ['1', '2', '5'], [
            ...self::coilFields(),
            Field::number('pick_up', 'V', 'lifts at', 50, 600, 260),
            Field::number('drop_out', 'V', 'falls back below', 10, 300, 90),
        ],
            usual: ['coil_volts' => 332, 'coil_ohms' => 5600, 'sealed_va' => 5, 'inrush_va' => 5, 'drop_out' => 95],
        );
    }

    #[\Override]
    public function coil(): array
    {
        return ['5', '2'];
    }

    #[\Override]
    protected function contacts(): array
    {
        return [
            new Contact('start', '1', '2', true, 2.0),
        ];
    }

    /** It lifts on the volts on its plate and not on a share of a rated voltage. */
    #[\Override]
    protected function pullIn(): float
    {
        return $this->part->number('pick_up') / $this->part->number('coil_volts');
    }

    #[\Override]
    protected function dropOut(): float
    {
        return $this->part->number('drop_out') / $this->part->number('coil_volts');
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

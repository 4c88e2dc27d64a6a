<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;

/** A fan relay: coil 1–3, one normally open contact 2–4. */
final class RelaySpst extends ContactSet
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'relay-spst', 'Relay, one normally open contact', ['1', '3', '2', '4'], self::coilFields(),
            usual: ['coil_volts' => 24, 'coil_ohms' => 17, 'sealed_va' => 5, 'inrush_va' => 11],
        );
    }

    #[\Override]
    public function coil(): array
    {
        return ['1', '3'];
    }

    #[\Override]
    protected function contacts(): array
    {
        return [new Contact('contact', '2', '4', weight: 1.2)];
    }
}

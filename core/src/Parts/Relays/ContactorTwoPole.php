<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;

/** A two-pole contactor; 13–14 and 21–22 are its auxiliary contacts, open and closed at rest. */
final class ContactorTwoPole extends ContactSet
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'contactor-2p',
            'Contactor, two pole',
            ['L1', 'T1', 'L2', 'T2', 'A', 'B', '13', '14', '21', '22'],
            self::coilFields(),
            optional: ['13', '14', '21', '22'],
            usual: ['coil_volts' => 24, 'coil_ohms' => 10, 'sealed_va' => 10, 'inrush_va' => 32],
        );
    }

    #[\Override]
    protected function contacts(): array
    {
        return [
            new Contact('pole1', 'L1', 'T1'),
            new Contact('pole2', 'L2', 'T2'),
            new Contact('aux', '13', '14', weight: 0.3),
            new Contact('auxiliary', '21', '22', true, 0.3),
        ];
    }

    #[\Override]
    public function probePairs(): array
    {
        return [...parent::probePairs(), ['L1', 'L2'], ['T1', 'T2']];
    }
}

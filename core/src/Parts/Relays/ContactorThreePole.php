<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;

/** A three-pole contactor; 13–14 and 21–22 are its auxiliary contacts, open and closed at rest. It may break two legs only. */
final class ContactorThreePole extends ContactSet
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'contactor-3p',
            'Contactor, three pole',
            ['L1', 'T1', 'L2', 'T2', 'L3', 'T3', 'A', 'B', '13', '14', '21', '22'],
            self::coilFields(),
            optional: ['L3', 'T3', '13', '14', '21', '22'],
            usual: ['coil_volts' => 24, 'coil_ohms' => 8, 'sealed_va' => 10, 'inrush_va' => 40],
        );
    }

    #[\Override]
    protected function contacts(): array
    {
        return [
            new Contact('pole1', 'L1', 'T1'),
            new Contact('pole2', 'L2', 'T2'),
            new Contact('pole3', 'L3', 'T3'),
            new Contact('aux', '13', '14', weight: 0.3),
            new Contact('auxiliary', '21', '22', true, 0.3),
        ];
    }

    #[\Override]
    public function probePairs(): array
    {
        return [...parent::probePairs(), ['L1', 'L2'], ['L2', 'L3'], ['L1', 'L3'], ['T1', 'T2'], ['T2', 'T3'], ['T1', 'T3']];
    }
}

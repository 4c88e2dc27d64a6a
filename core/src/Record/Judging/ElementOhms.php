<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Heaters\Heater;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** Ohms of a heater with the wires of one of its ends off. */
final class ElementOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        $isOff = $so->isOff($reading->text('red')) || $so->isOff($reading->text('black'));

        return ! $kind instanceof Heater || ! $isOff ? null : new Taken($kind->part, 'electric-heat', [
            'watts' => Taken::amount(Dimension::Power, $kind->part->number('watts')),
            'rated' => Taken::amount(Dimension::Voltage, $kind->part->number('volts')),
            'ohms' => Taken::read($reading),
        ]);
    }
}

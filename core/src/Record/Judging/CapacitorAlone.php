<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** A capacitor, or one section of a can, with the wires of one of its ends off. */
final class CapacitorAlone implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        [$red, $black] = [$reading->text('red'), $reading->text('black')];
        $kind = $so->partOf($reading, MeterFunction::Capacitance);
        if ($kind === null || ! ($so->isOff($red) || $so->isOff($black))) {
            return null;
        }
        $marked = $kind->markedFarads($kind->part->terminalOf($red), $kind->part->terminalOf($black));

        return $marked === null ? null : new Taken($kind->part, 'capacitor', [
            'marked' => Taken::amount(Dimension::Capacitance, $marked),
            'read' => Taken::read($reading),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Relays\ContactorOnePole;
use Levin\Core\Parts\Relays\ContactorThreePole;
use Levin\Core\Parts\Relays\ContactorTwoPole;
use Levin\Core\Record\Event;

/** Ohms of a contactor's coil with the wires of one of its ends off. */
final class CoilOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        $isContactor = $kind instanceof ContactorOnePole || $kind instanceof ContactorTwoPole || $kind instanceof ContactorThreePole;
        if ($kind === null || ! $isContactor) {
            return null;
        }
        $ends = array_map($kind->part->point(...), ['A', 'B']);
        $isCoil = array_diff($ends, [$reading->text('red'), $reading->text('black')]) === [];
        $isOff = $so->isOff($ends[0]) || $so->isOff($ends[1]);

        return $isCoil && $isOff ? new Taken($kind->part, 'contactor', ['ohms' => Taken::read($reading)]) : null;
    }
}

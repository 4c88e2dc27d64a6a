<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Relays\ContactorOnePole;
use Levin\Core\Parts\Relays\ContactorThreePole;
use Levin\Core\Parts\Relays\ContactorTwoPole;
use Levin\Core\Parts\Relays\Switching;
use Levin\Core\Record\Event;

/** Ohms of a contactor's coil with the wires of one of its ends off. */
final class CoilOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);

        return $kind instanceof Switching && self::isContactor($kind) && $so->isOffAcross($reading, $kind->part, ...$kind->coil())
            ? new Taken($kind->part, 'contactor', ['ohms' => Taken::read($reading)])
            : null;
    }

    public static function isContactor(Switching $kind): bool
    {
        return $kind instanceof ContactorOnePole || $kind instanceof ContactorTwoPole || $kind instanceof ContactorThreePole;
    }
}

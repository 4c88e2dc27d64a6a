<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Checks\Relays\Relay;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Relays\Contact;
use Levin\Core\Parts\Relays\Switching;
use Levin\Core\Record\Event;

/** Ohms over the poles of a dead contactor, with the wires of one side off: one that is closed tells at once, all open at the last. */
final class PolesAtRest implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        if (! $kind instanceof Switching || ! CoilOhms::isContactor($kind)) {
            return null;
        }
        $part = $kind->part;
        $poles = array_filter($kind->wiredContacts(), static fn (Contact $c): bool => ! $c->isClosedAtRest);
        $isOne = array_filter($poles, static fn (Contact $c): bool => $so->isOffAcross($reading, $part, $c->from, $c->to)) !== [];
        if (! $isOne) {
            return null;
        }
        if (! self::isOpen($reading)) {
            return new Taken($part, 'contactor', ['off' => 'one closed']);
        }
        foreach ($poles as $pole) {
            $read = $so->between(MeterFunction::Ohms, $part->point($pole->from), $part->point($pole->to));
            if ($read === null || ! self::isOpen($read)) {
                return null;
            }
        }

        return new Taken($part, 'contactor', ['off' => 'all open']);
    }

    private static function isOpen(Event $reading): bool
    {
        return ($reading->number('value') ?? INF) > Relay::OPEN;
    }
}

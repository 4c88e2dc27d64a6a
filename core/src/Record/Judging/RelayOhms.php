<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Checks\Relays\RelaySort;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Relays\Contact;
use Levin\Core\Parts\Relays\RelayCurrent;
use Levin\Core\Parts\Relays\RelayImpedance;
use Levin\Core\Parts\Relays\RelayPotential;
use Levin\Core\Parts\Relays\RelayTimeDelay;
use Levin\Core\Parts\Relays\Sequencer;
use Levin\Core\Parts\Relays\Switching;
use Levin\Core\Record\Event;

/** Ohms of a relay's coil, or of a contact of it at rest, with the wires of one end off. A contactor is another check's. */
final class RelayOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        if (! $kind instanceof Switching || CoilOhms::isContactor($kind)) {
            return null;
        }
        $taken = static fn (RelaySort $sort, string $entry): Taken => new Taken(
            $kind->part,
            'relay',
            ['sort' => $sort->value, $entry => Taken::read($reading)],
        );
        if ($so->isOffAcross($reading, $kind->part, ...$kind->coil())) {
            return $taken(self::sort($kind), 'coil');
        }
        foreach ($kind->wiredContacts() as $contact) {
            if ($so->isOffAcross($reading, $kind->part, $contact->from, $contact->to)) {
                return $taken(self::sortOf($contact, self::sort($kind)), 'rest');
            }
        }

        return null;
    }

    private static function sort(Kind $kind): RelaySort
    {
        return match (true) {
            $kind instanceof RelayPotential => RelaySort::Potential,
            $kind instanceof RelayImpedance => RelaySort::Lockout,
            $kind instanceof RelayCurrent => RelaySort::Current,
            $kind instanceof RelayTimeDelay => RelaySort::TimeDelay,
            $kind instanceof Sequencer => RelaySort::Sequencer,
            default => RelaySort::General,
        };
    }

    /** Whatever sort it is of, one of its contacts may stand the other way at rest. */
    private static function sortOf(Contact $contact, RelaySort $sort): RelaySort
    {
        return match ($contact->isClosedAtRest) {
            $sort->isClosedAtRest() => $sort,
            true => RelaySort::GeneralClosed,
            false => RelaySort::General,
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Parts\Kind;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** History, complaint, what runs and what does not, and lamps and codes before power is cut: cycling it clears them. */
final class AsksSeen implements Asks
{
    #[\Override]
    public function of(): Contact
    {
        return Contact::Seen;
    }

    #[\Override]
    public function open(Visit $visit): array
    {
        $seen = array_map(static fn (Event $e): string => $e->text('part'), $visit->since(null, EventType::Observation));
        $lamps = array_filter($visit->model->parts, static fn (Kind $kind): bool => self::hasLamp($kind)
            && ! in_array($kind->part->place, $visit->standing->limits->places, true));
        $unseen = array_diff_key($lamps, array_flip($seen));
        $machines = array_filter($seen, static fn (string $part): bool => ! self::hasLamp($visit->model->parts[$part]));

        return [
            ...$visit->last(EventType::HistoryRead) === null ? ['Read what was done at this unit before.'] : [],
            ...$visit->last(EventType::Complaint) === null ? ['Write down the complaint, in the customer\'s words.'] : [],
            ...$machines === [] ? ['Say what runs and what does not.'] : [],
            ...array_values(array_map(static fn (Kind $kind): string => self::order($kind, $visit), $unseen)),
        ];
    }

    private static function order(Kind $kind, Visit $visit): string
    {
        $cut = array_filter(
            $visit->since(null, EventType::Condition),
            static fn (Event $e): bool => $visit->model->circuit->conditions[$e->text('name')]->power && ! $e->isTrue('value'),
        );

        return $kind->part->label.($cut === []
            ? ': write down what its lamp shows, before power is cut.'
            : ': its lamp was not written down before power was cut. Look now; an old code is gone.');
    }

    private static function hasLamp(Kind $kind): bool
    {
        return $kind->isElectronic() && $kind->observables() !== [];
    }
}

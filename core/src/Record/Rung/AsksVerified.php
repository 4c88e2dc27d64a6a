<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** What each load draws was read since the last repair and is right, and a whole cycle was watched. */
final class AsksVerified implements Asks
{
    #[\Override]
    public function of(): Contact
    {
        return Contact::Verified;
    }

    #[\Override]
    public function open(Visit $visit): array
    {
        if ($visit->findings() === []) {
            return ['First what is wrong; then the unit is verified.'];
        }
        $open = [];
        $loads = Loads::of($visit);
        foreach ($loads as $load) {
            $open = [...$open, ...match (true) {
                $load->measured === null => ["{$load->part->label}: read what it draws, with the panels on."],
                $load->isFaulted() => ["{$load->part->label}: what it draws is not right."],
                default => [],
            }];
        }
        $isWatched = array_filter(
            $visit->since($visit->mark(), EventType::Watched),
            static fn (Event $e): bool => $e->isTrue('as_expected'),
        ) !== [];

        return [...$open, ...$isWatched || $loads === [] ? [] : ['Watch it through one whole cycle.']];
    }
}

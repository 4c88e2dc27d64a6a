<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** What each load draws was read since the last repair and is right, and a whole cycle was watched. */
final class AsksVerified implements Asks
{
    /** Minutes that something is watched which came and went. [practice, no published source] */
    private const INTERMITTENT = 30.0;

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
                $load->creep->isCreeping ?? false => ["{$load->part->label}: what it draws creeps up. Read it until it is steady."],
                default => [],
            }];
        }

        return $loads === [] ? $open : [...$open, ...self::watch($visit)];
    }

    /** @return list<string> */
    private static function watch(Visit $visit): array
    {
        $watched = array_filter(
            $visit->since($visit->mark(), EventType::Watched),
            static fn (Event $e): bool => $e->isTrue('as_expected'),
        );
        $minutes = array_sum(array_map(static fn (Event $e): float => $e->number('minutes') ?? 0.0, $watched));
        $comesAndGoes = $visit->last(EventType::Complaint)?->text('pattern') === 'now and then';

        return match (true) {
            $watched === [] => ['Watch it through one whole cycle.'],
            $comesAndGoes && $minutes < self::INTERMITTENT => [sprintf(
                'It came and went: watch it for %d minutes, %d so far.',
                self::INTERMITTENT,
                (int) $minutes,
            )],
            default => [],
        };
    }
}

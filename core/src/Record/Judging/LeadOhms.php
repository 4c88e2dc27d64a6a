<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Part;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;

/** Ohms between the leads of a motor that is off the circuit, and from them to bare metal. */
final readonly class LeadOhms
{
    /**
     * @param  array<string, array{string, string}>  $pairs  of terminals, by the check's entry
     * @return array<string, string>|null  as it is typed for the check; null with a lead on, and before every pair has been read
     */
    public static function of(Part $part, array $pairs, SoFar $so): ?array
    {
        if (! $so->isAllOff($part)) {
            return null;
        }
        $given = [];
        foreach ($pairs as $entry => [$one, $other]) {
            $read = $so->between(MeterFunction::Ohms, $part->point($one), $part->point($other));
            if ($read === null) {
                return null;
            }
            $given[$entry] = Taken::read($read);
        }
        $ground = self::least($part, $so);

        return $ground === null ? $given : [...$given, 'ground' => Taken::read($ground)];
    }

    /** The least from a lead to bare metal, as far as that has been read. */
    private static function least(Part $part, SoFar $so): ?Event
    {
        $least = null;
        foreach ($part->terminals as $terminal) {
            $read = $so->between(MeterFunction::Ohms, $part->point($terminal), $part->case);
            $isLess = $read !== null && ($read->number('value') ?? INF) < ($least?->number('value') ?? INF);
            $least = $isLess || $least === null ? $read : $least;
        }

        return $least;
    }
}

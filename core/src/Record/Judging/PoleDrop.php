<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Wire;
use Levin\Core\Record\Event;

/**
 * Volts over the pole of a contactor that has been seen pulled in, when a clamp has shown that it carries something: without a current a
 * burnt pole has no volts over it either.
 */
final class PoleDrop implements BenchRule
{
    private const POLES = [['L1', 'T1'], ['L2', 'T2'], ['L3', 'T3']];

    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $isVolts = $so->isEnergised() && $so->partOf($reading, ...SoFar::VOLTS) !== null;
        $relay = $isVolts ? $so->model()->contactBetween($reading->text('red'), $reading->text('black')) : null;
        if ($relay === null || $so->seen($relay) !== 'pulled in') {
            return null;
        }
        $part = $so->model()->circuit->part($relay);
        $read = [];
        $isPole = false;
        foreach (self::POLES as [$from, $to]) {
            [$line, $load] = [$part->point($from), $part->point($to)];
            $volts = self::carries($line, $so) || self::carries($load, $so) ? $so->volts($line, $load) : null;
            $read = $volts === null ? $read : [...$read, Taken::read($volts)];
            $isPole = $isPole || $volts === $reading;
        }

        return $isPole ? new Taken($part, 'contactor', ['poles' => implode('; ', $read)]) : null;
    }

    /** Whether a clamp has read something on a wire at a point. */
    private static function carries(string $point, SoFar $so): bool
    {
        return array_filter(
            $so->model()->circuit->wiresAt($point),
            static fn (Wire $wire): bool => ($so->amps($wire->id)?->number('value') ?? 0.0) > 0.0,
        ) !== [];
    }
}

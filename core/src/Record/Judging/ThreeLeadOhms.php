<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Motors\CompressorPsc;
use Levin\Core\Parts\Motors\MotorPsc;
use Levin\Core\Record\Event;

/** Ohms from lead to lead of a single-phase motor, all its leads off. How warm they are the log does not say. */
final class ThreeLeadOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        $read = $kind instanceof CompressorPsc || $kind instanceof MotorPsc
            ? LeadOhms::of($kind->part, ['ab' => ['C', 'R'], 'bc' => ['R', 'S'], 'ac' => ['C', 'S']], $so)
            : null;

        return $kind === null || $read === null
            ? null
            : new Taken($kind->part, 'three-leads', ['a' => 'C', 'b' => 'R', 'c' => 'S', ...$read]);
    }
}

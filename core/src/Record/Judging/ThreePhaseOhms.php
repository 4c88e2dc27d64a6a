<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Motors\ThreePhaseLoad;
use Levin\Core\Record\Event;

/** Ohms from lead to lead of a three-phase motor, all its leads off. */
final class ThreePhaseOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        $read = $kind instanceof ThreePhaseLoad
            ? LeadOhms::of($kind->part, ['t1t2' => ['T1', 'T2'], 't2t3' => ['T2', 'T3'], 't1t3' => ['T1', 'T3']], $so)
            : null;

        return $kind === null || $read === null ? null : new Taken($kind->part, 'three-phase-windings', $read);
    }
}

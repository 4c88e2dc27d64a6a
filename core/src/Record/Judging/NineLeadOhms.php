<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Motors\MotorNineLead;
use Levin\Core\Record\Event;

/** Ohms of the halves of a motor with nine leads, all of them apart. Its star point is inside: three of its leads read to each other. */
final class NineLeadOhms implements BenchRule
{
    private const PAIRS = [
        't1t4' => ['T1', 'T4'], 't2t5' => ['T2', 'T5'], 't3t6' => ['T3', 'T6'],
        't7t8' => ['T7', 'T8'], 't8t9' => ['T8', 'T9'], 't7t9' => ['T7', 'T9'],
    ];

    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        $read = $kind instanceof MotorNineLead ? LeadOhms::of($kind->part, self::PAIRS, $so) : null;

        return $kind === null || $read === null ? null : new Taken($kind->part, 'nine-leads', $read);
    }
}

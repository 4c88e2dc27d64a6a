<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Motors\MotorPscSpeeds;
use Levin\Core\Record\Event;

/** Ohms from common to each speed lead of a blower motor, all its leads off. */
final class SpeedTapOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        if (! $kind instanceof MotorPscSpeeds) {
            return null;
        }
        $pairs = [];
        foreach ($kind->speedLeads() as $lead) {
            $pairs[$lead] = ['C', $lead];
        }
        $read = count($pairs) > 1 ? LeadOhms::of($kind->part, $pairs, $so) : null;
        $isOne = array_intersect([$reading->text('red'), $reading->text('black')], [$kind->part->point('C')]) !== [];

        return $read === null || ! $isOne
            ? null
            : new Taken($kind->part, 'speed-taps', ['ohms' => implode('; ', array_intersect_key($read, $pairs))]);
    }
}

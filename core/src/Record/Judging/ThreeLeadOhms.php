<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Part;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Motors\CompressorPsc;
use Levin\Core\Parts\Motors\MotorPsc;
use Levin\Core\Parts\Motors\MotorPscSpeeds;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** Ohms from lead to lead of a single-phase motor, all its leads off, against its plate. How warm they are the log does not say. */
final class ThreeLeadOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        $read = $kind instanceof CompressorPsc || $kind instanceof MotorPsc || $kind instanceof MotorPscSpeeds
            ? LeadOhms::of($kind->part, ['ab' => ['C', 'R'], 'bc' => ['R', 'S'], 'ac' => ['C', 'S']], $so)
            : null;

        return $kind === null || $read === null
            ? null
            : new Taken($kind->part, 'three-leads', ['a' => 'C', 'b' => 'R', 'c' => 'S', ...$read, ...self::makers($kind->part)]);
    }

    /** @return array<string, string> the ohms on the plate, where it has them, as they are typed for the check */
    private static function makers(Part $part): array
    {
        $given = [];
        foreach (['run' => 'run_ohms', 'start' => 'start_ohms'] as $entry => $field) {
            $given += isset($part->plate[$field]) ? [$entry => Taken::amount(Dimension::Resistance, $part->number($field))] : [];
        }

        return $given;
    }
}

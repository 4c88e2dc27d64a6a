<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Motors\CompressorPsc;
use Levin\Core\Parts\Motors\MotorPsc;
use Levin\Core\Parts\Motors\ThreePhaseLoad;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/**
 * A clamp round a lead that carries all that a motor draws, as it runs: common of a single-phase one, any of three phases. Nothing read
 * says nothing: it may not have been called.
 */
final class RunningAmps implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $isSteady = $reading->text('function') === MeterFunction::Amps->value && ! isset($reading->data['moment']) && $so->isEnergised();
        foreach ($isSteady && ($reading->number('value') ?? 0.0) > 0.0 ? $so->kindsAt($reading) : [] as $kind) {
            $leads = array_map($kind->part->point(...), self::leads($kind));
            $read = array_filter(array_map($so->ampsAt(...), $leads));
            if (in_array($reading, $read, true)) {
                return new Taken($kind->part, 'running-current', [
                    'plate' => Taken::amount(Dimension::Current, $kind->part->number('fla')),
                    'amps' => implode('; ', array_map(
                        static fn (Event $e): string => Taken::amount(Dimension::Current, SoFar::throughOneTurn($e)),
                        $read,
                    )),
                ]);
            }
        }

        return null;
    }

    /** @return list<string> terminals that all of its current goes through */
    private static function leads(Kind $kind): array
    {
        return match (true) {
            $kind instanceof CompressorPsc, $kind instanceof MotorPsc => ['C'],
            $kind instanceof ThreePhaseLoad => ['T1', 'T2', 'T3'],
            default => [],
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Wire;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Motors\Capacitors;
use Levin\Core\Parts\Motors\CompressorPsc;
use Levin\Core\Parts\Motors\MotorPsc;
use Levin\Core\Parts\Motors\MotorPscSpeeds;
use Levin\Core\Parts\Motors\MotorShadedPole;
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
            $read = array_filter(array_map($so->amps(...), self::wires($kind, $so->model())));
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

    /** @return list<string> wires each of which carries all that a motor draws from its line */
    public static function wires(Kind $kind, Model $model): array
    {
        $wires = [];
        foreach (self::leads($kind) as $terminal) {
            $own = $model->circuit->wiresAt($kind->part->point($terminal));
            $wires = count($own) === 1 ? [...$wires, $own[0]->id] : $wires;
        }

        return $wires === [] && self::leads($kind) === ['C'] ? self::ofRun($kind, $model) : $wires;
    }

    /**
     * Where common shares its screw: the one wire to run and to what its start winding hangs on.
     *
     * @return list<string>
     */
    private static function ofRun(Kind $kind, Model $model): array
    {
        $run = $kind->part->point('R');
        $feeds = array_values(array_filter($model->circuit->wiresAt($run), static fn (Wire $w): bool => ! $model->parts[
            $model->circuit->partAt($w->from === $run ? $w->to : $w->from)->id
        ] instanceof Capacitors));

        return count($feeds) === 1 ? [$feeds[0]->id] : [];
    }

    /** @return list<string> terminals that all of its current goes through */
    private static function leads(Kind $kind): array
    {
        return match (true) {
            $kind instanceof CompressorPsc, $kind instanceof MotorPsc, $kind instanceof MotorPscSpeeds => ['C'],
            $kind instanceof MotorShadedPole => ['1'],
            $kind instanceof ThreePhaseLoad => ['T1', 'T2', 'T3'],
            default => [],
        };
    }
}

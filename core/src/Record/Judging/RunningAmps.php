<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Wire;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Connections\Plug;
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
        $around = $isSteady && ($reading->number('value') ?? 0.0) > 0.0 ? $reading->text('red') : '';
        foreach ($around === '' ? [] : $so->model()->parts as $kind) {
            $leads = self::leads($kind, $so->model());
            if (in_array($around, array_merge(...$leads), true)) {
                $read = array_filter(array_map(
                    static fn (array $lead): ?Event => in_array($around, $lead, true) ? $reading : self::ofLead($lead, $so),
                    $leads,
                ));

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
        return array_merge(...self::leads($kind, $model));
    }

    /** @param  list<string>  $lead */
    private static function ofLead(array $lead, SoFar $so): ?Event
    {
        foreach ($lead as $wire) {
            if (($amps = $so->amps($wire)) !== null) {
                return $amps;
            }
        }

        return null;
    }

    /** @return list<list<string>> lead by lead, wires that carry all of it, from the motor on through plugs */
    private static function leads(Kind $kind, Model $model): array
    {
        $leads = [];
        foreach (self::terminals($kind) as $terminal) {
            $point = $kind->part->point($terminal);
            $own = $model->circuit->wiresAt($point);
            $leads = count($own) === 1 ? [...$leads, self::onwards($own[0], $point, $model)] : $leads;
        }

        return $leads === [] && self::terminals($kind) === ['C'] ? self::ofRun($kind, $model) : $leads;
    }

    /** @return list<string> a wire, and what carries the same behind a plug at its far end */
    private static function onwards(Wire $wire, string $from, Model $model): array
    {
        $end = $wire->from === $from ? $wire->to : $wire->from;
        $far = $model->parts[$model->circuit->partAt($end)->id];
        $twin = $far instanceof Plug && count($model->circuit->wiresAt($end)) === 1 ? $far->twin($end) : '';
        $beyond = $twin === '' ? [] : $model->circuit->wiresAt($twin);

        return [$wire->id, ...(count($beyond) === 1 ? self::onwards($beyond[0], $twin, $model) : [])];
    }

    /**
     * Where common shares its screw: the one wire to run and to what its start winding hangs on.
     *
     * @return list<list<string>>
     */
    private static function ofRun(Kind $kind, Model $model): array
    {
        $run = $kind->part->point('R');
        $feeds = array_values(array_filter($model->circuit->wiresAt($run), static fn (Wire $w): bool => ! $model->parts[
            $model->circuit->partAt($w->from === $run ? $w->to : $w->from)->id
        ] instanceof Capacitors));

        return count($feeds) === 1 ? [self::onwards($feeds[0], $run, $model)] : [];
    }

    /** @return list<string> terminals that all of its current goes through */
    private static function terminals(Kind $kind): array
    {
        return match (true) {
            $kind instanceof CompressorPsc, $kind instanceof MotorPsc, $kind instanceof MotorPscSpeeds => ['C'],
            $kind instanceof MotorShadedPole => ['1'],
            $kind instanceof ThreePhaseLoad => ['T1', 'T2', 'T3'],
            default => [],
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Kind;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Judging\RunningAmps;

/** What is verified after a repair: the loads that the unit should run as it is left, and those that something was done to. */
final class Loads
{
    /** @var \WeakMap<Visit, list<Load>>|null worked out once for whoever asks of the same visit */
    private static ?\WeakMap $known = null;

    /** @return list<Load> as the drawing has the parts */
    public static function of(Visit $visit): array
    {
        self::$known ??= new \WeakMap;

        return self::$known[$visit] ??= self::workedOut($visit);
    }

    /** @return list<Load> */
    private static function workedOut(Visit $visit): array
    {
        $runs = self::asLeft($visit);
        $loads = [];
        foreach (array_intersect_key($visit->model->parts, array_flip([...self::running($runs), ...self::repaired($visit)])) as $kind) {
            $wires = self::wires($kind, $visit->model);
            $since = self::read($wires, $visit, $visit->mark(), null);
            $measured = end($since) ?: null;
            $before = self::read($wires, $visit, null, $visit->mark());
            $loads[] = new Load(
                $kind->part,
                $wires,
                $kind->demand()?->amps,
                $wires === [] ? null : $runs->wireCurrent($wires[0])->abs(),
                end($before) ?: null,
                $measured,
                $measured === null ? null : $visit->judged($measured),
                Creep::of($since),
            );
        }

        return $loads;
    }

    /** A healthy unit that is called, with what this one is left off off. */
    private static function asLeft(Visit $visit): Settled
    {
        $circuit = $visit->model->circuit;
        $as = array_reduce($visit->leftOff(), static fn (Conditions $c, string $what): Conditions => match (true) {
            isset($circuit->conditions[$what]) => $c->with($what, ! $circuit->conditions[$what]->default),
            isset($circuit->wires[$what]) => $c->lifting([$what]),
            default => $c->removing([$what]),
        }, Conditions::healthyDefaults($circuit));

        return Settler::of($visit->model)->settle($as, Faults::none());
    }

    /** @return list<string> parts that draw what a plate says, and that do something */
    private static function running(Settled $runs): array
    {
        $model = $runs->model;
        $off = Conditions::poweredDown($model->circuit, Conditions::healthyDefaults($model->circuit));
        $rests = Settler::of($model)->settle($off, Faults::none());

        return array_keys(array_filter(
            $model->parts,
            static fn (Kind $kind): bool => self::draws($kind) && $runs->observed($kind->part->id) !== $rests->observed($kind->part->id),
        ));
    }

    /** @return list<string> that are new and not left off */
    private static function repaired(Visit $visit): array
    {
        $fitted = array_map(static fn (Event $e): string => $e->text('part'), $visit->since(null, EventType::Replaced));

        return array_values(array_filter(
            array_diff($fitted, $visit->leftOff()),
            static fn (string $part): bool => self::draws($visit->model->parts[$part]),
        ));
    }

    private static function draws(Kind $kind): bool
    {
        return $kind->demand() !== null && $kind->observables() !== [];
    }

    /** @return list<string> wires that carry all that a part draws, as far as one does */
    private static function wires(Kind $kind, Model $model): array
    {
        $all = RunningAmps::wires($kind, $model);
        foreach ($all === [] ? $kind->demand()->terminals ?? [] : [] as $terminal) {
            $own = $model->circuit->wiresAt($kind->part->point($terminal));
            $all = count($own) === 1 ? [...$all, $own[0]->id] : $all;
        }

        return $all;
    }

    /**
     * What was read round one of some wires, as it ran.
     *
     * @param  list<string>  $wires
     * @param  Event|null  $mark  after it; null: from the beginning
     * @param  Event|null  $until  before it; null: to the end
     * @return list<Event> round the wire that was read last
     */
    private static function read(array $wires, Visit $visit, ?Event $mark, ?Event $until): array
    {
        $late = $until === null ? [] : $visit->since($until, EventType::Reading);
        $read = [];
        foreach ($visit->since($mark, EventType::Reading) as $reading) {
            $isAmps = $reading->text('function') === MeterFunction::Amps->value && ! isset($reading->data['moment']);
            if ($isAmps && ($reading->number('value') ?? 0.0) > 0.0 && in_array($reading->text('red'), $wires, true)
                && ! in_array($reading, $late, true)) {
                $read[] = $reading;
            }
        }
        $last = end($read);

        return array_values(array_filter(
            $read,
            static fn (Event $e): bool => $last !== false && $e->text('red') === $last->text('red'),
        ));
    }
}

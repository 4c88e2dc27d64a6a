<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Clause;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Parts\Fault;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;
use Levin\Core\Parts\PartsException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Runs a unit through time after a script, and tells what moved when and what each load took.
 */
final class Runner
{
    /** More moments than this are a unit that goes round for ever; what it did is told, and that it did not end. */
    private const MOST = 4000;

    /** The same for moments at which nothing was seen to move. */
    private const MOST_UNSEEN = 40000;

    /**
     * @param  list<array{Deed, Faults, list<Fault>}>  $deeds  each with the faults that come and those that go
     * @param  list<InjectedFault>  $intermittents  the faults of the script's intermittents
     */
    private function __construct(
        private readonly Model $model,
        private readonly Settler $settler,
        private readonly Script $script,
        private readonly array $deeds,
        private readonly array $intermittents,
    ) {
    }

    /**
     * @param  list<string>  $when  settings besides the script's
     * @param  list<string>  $faults  faults besides the script's
     *
     * @throws UnknownName for anything named that is not there
     * @throws OperationException for what cannot be understood
     * @throws PartsException for a plate that contradicts itself
     */
    public static function run(Circuit $circuit, Script $script, array $when = [], array $faults = []): Run
    {
        $situation = Situation::of($circuit, [...$when, ...$script->start], [...$faults, ...$script->faults]);
        $list = $situation->model->faults;
        $deeds = array_map(
            static fn (Deed $d): array => [
                $d,
                $list->parseAll($d->fault),
                array_map(static fn (string $id): Fault => $list->parse($id)->fault, $d->mend),
            ],
            $script->deeds,
        );
        $intermittents = array_map(static fn (Intermittent $i): InjectedFault => $list->parse($i->fault), $script->intermittents);

        return (new self($situation->model, Settler::of($situation->model), $script, $deeds, $intermittents))->go($situation);
    }

    private function go(Situation $situation): Run
    {
        $course = Course::begun($this->model, $this->settler->networks, $situation->conditions, $situation->faults, []);
        $chances = array_map(
            static fn (Intermittent $i): Randomizer => new Randomizer(new Mt19937($i->seed)),
            $this->script->intermittents,
        );
        $there = array_map(self::draw(...), $this->script->intermittents, $chances);
        $own = $situation->faults;
        $happenings = [$this->happening($course, [], [], $course->settled())];
        $before = $this->seen($course);
        $deeds = $this->deeds;
        $draws = array_map(static fn (Intermittent $i): float => $i->every ?? INF, $this->script->intermittents);
        for ($n = 0; $n < self::MOST_UNSEEN && count($happenings) < self::MOST; $n++) {
            $next = min($this->script->until, $deeds[0][0]->at ?? INF, ...[INF, ...$draws]);
            $moved = $course->goOn($next);
            $done = [];
            while (! $moved && $deeds !== [] && $deeds[0][0]->at <= $course->time()) {
                [$deed, $comes, $goes] = array_shift($deeds);
                $own = $own->with(...$comes->all)->without(...$goes);
                $this->do($course, $deed, $own, $goes);
                array_push($done, ...$deed->words());
            }
            foreach ($moved ? [] : $draws as $i => $at) {
                if ($at <= $course->time()) {
                    $there[$i] = self::draw($this->script->intermittents[$i], $chances[$i]);
                    $draws[$i] += $this->script->intermittents[$i]->every ?? INF;
                }
            }
            $faults = $own->with(...$this->intermittent($course, $there));
            if (! $faults->with(...$course->burnt()->all)->equals($course->faults())) {
                $course->fail($faults);
            }
            $now = $this->seen($course);
            $changed = array_diff_assoc($now, $before);
            if ($changed !== [] || $done !== []) {
                $happenings[] = $this->happening($course, $done, array_map(
                    static fn (string $id): array => ['from' => $before[$id] ?? '', 'to' => $now[$id]],
                    array_combine(array_keys($changed), array_keys($changed)),
                ), $course->settled());
            }
            $before = $now;
            if (! $moved && $course->time() >= $this->script->until) {
                return new Run($happenings, $course->settled(), true, $this->round($happenings));
            }
        }

        return new Run($happenings, $course->settled(), false, $this->round($happenings));
    }

    /**
     * @param  Faults  $faults  in force from here on
     * @param  list<Fault>  $mended
     */
    private function do(Course $course, Deed $deed, Faults $faults, array $mended): void
    {
        $conditions = $course->conditions();
        foreach ($deed->set as $setting) {
            $conditions = Situation::set($this->model->circuit, $conditions, $setting);
        }
        $wire = fn (string $id): string => $this->model->circuit->wire($id)->id;
        $part = fn (string $id): string => $this->model->circuit->part($id)->id;
        $conditions = $conditions->lifting(array_map($wire, $deed->lift))->landing(array_map($wire, $deed->land))
            ->removing(array_map($part, $deed->remove))->restoring(array_map($part, $deed->restore));
        $course->change($conditions);
        if ($mended !== [] || ! $faults->with(...$course->burnt()->all)->equals($course->faults())) {
            $course->fail($faults, ...$mended);
        }
        foreach ($deed->reset as $id) {
            $component = $this->model->parts[$part($id)];
            $state = $course->states()[$id] ?? '';
            $reset = $component->afterReset($state);
            if ($reset !== $state) {
                $course->put($id, $reset);
            }
        }
    }

    private static function draw(Intermittent $intermittent, Randomizer $dice): bool
    {
        return $dice->getInt(0, 999999) < 1e6 * $intermittent->chance;
    }

    /**
     * @param  array<int, bool>  $there
     * @return list<InjectedFault>
     */
    private function intermittent(Course $course, array $there): array
    {
        $faults = [];
        foreach ($this->script->intermittents as $n => $intermittent) {
            if ($there[$n] && Clause::allHold($intermittent->when, $course->conditions(), $course->observed(...))) {
                $faults[] = $this->intermittents[$n];
            }
        }

        return $faults;
    }

    /** @return array<string, string> what is seen of every part that has something to be seen, and the state of the rest */
    private function seen(Course $course): array
    {
        $states = $course->states();
        $seen = [];
        foreach ($this->model->parts as $id => $component) {
            $seen[$id] = $component->told($states[$id] ?? '', $component->observables() === [] ? '' : $course->observed((string) $id));
        }

        foreach ($course->burnt()->all as $burnt) {
            $seen[$burnt->fault->target] = "burnt out: {$burnt->fault->mode->label}";
        }

        return array_filter($seen, static fn (string $s): bool => $s !== '');
    }

    /**
     * @param  list<string>  $done
     * @param  array<string, array{from: string, to: string}>  $moved
     */
    private function happening(Course $course, array $done, array $moved, Settled $settled): Happening
    {
        $amps = $volts = [];
        foreach ($this->model->parts as $id => $component) {
            if ($component->isLoad()) {
                $amps[$id] = $settled->currentOf((string) $id);
            }
            if ($component->demand() !== null) {
                $volts[$id] = $settled->voltsOver((string) $id);
            }
        }

        return new Happening(
            $course->time(),
            $done,
            $moved,
            $amps,
            $volts,
            $settled->conditions->numbers(),
            $settled->chattering,
            $settled->chatterPeriod,
        );
    }

    /**
     * The period of a run that goes round: the time from one happening to the same one again, when that has come three times.
     *
     * @param  list<Happening>  $happenings
     */
    private function round(array $happenings): ?float
    {
        $at = [];
        foreach ($happenings as $happening) {
            if ($happening->done === [] && $happening->moved !== []) {
                $at[serialize($happening->moved)][] = $happening->at;
            }
        }
        $period = null;
        foreach ($at as $times) {
            $n = count($times);
            if ($n >= 3 && abs(
                ($times[$n - 1] - $times[$n - 2]) - ($times[$n - 2] - $times[$n - 3]),
            ) < 0.02 * ($times[$n - 1] - $times[$n - 2])) {
                $period = max($period ?? 0.0, $times[$n - 1] - $times[$n - 2]);
            }
        }

        return $period;
    }
}

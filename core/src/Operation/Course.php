<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Lag;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Fault;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;

/**
 * A circuit as time passes: at rest between events, each event a timer, a level or a quantity that reaches its mark.
 *
 * The one mutable thing in the core. What it has come to is handed out as a Settled, which never changes.
 */
final class Course
{
    private const MOST_ROUNDS = 80;

    /** An armature takes about this long to move, seconds: the beat of a chattering relay. [practice, no published source] */
    private const ARMATURE = 0.015;

    /** What has burnt out since it began, beside the faults it was given. */
    private Faults $burnt;

    private readonly Quantities $quantities;

    private readonly Solver $solver;

    /** @var array<string, PartVoltages> as each part sees them */
    private array $views = [];

    /** What was set when every part was last asked and none moved. */
    private ?Conditions $restedUnder = null;

    /** @var list<string> */
    private array $chattering = [];

    private float $period = 0.0;

    /** @var list<array{string, Pending}> as of the last rest */
    private array $pending = [];

    /** @var array<string, Setting> of each part, for as long as conditions and faults stay as they are */
    private array $settings = [];

    /** @var array<string, string> what is seen of each part, as far as it has been asked for since the last move */
    private array $seen = [];

    private int $rounds = 0;

    private readonly DirectVolts $direct;

    /**
     * @param  array<string, string>  $states
     * @param  list<string>  $behind  components whose values may be others than the network has
     * @param  Bodies  $levels  heat, run time
     * @param  Bodies  $worn  how far the parts are on their way to burning out
     * @param  (\Closure(Settled): void)|null  $witness  is shown every moment on the way, before anything acts on it
     */
    private function __construct(
        private readonly Model $model,
        private readonly Networks $networks,
        private Conditions $conditions,
        private Faults $faults,
        private array $states,
        Factorisation $network,
        array $behind,
        private readonly Timers $timers = new Timers,
        private float $time = 0.0,
        private readonly Bodies $levels = new Bodies,
        private readonly Bodies $worn = new Bodies,
        private readonly ?\Closure $witness = null,
        private readonly ?Trail $trail = null,
        private readonly bool $wears = true,
    ) {
        $this->burnt = Faults::none();
        $this->quantities = new Quantities($model);
        $this->direct = new DirectVolts($networks);
        $this->solver = new Solver($model, $networks, $network, $states, $faults, $conditions, $behind);
    }

    /**
     * From when power comes on.
     *
     * @param  array<string, string>  $states  that differ from the initial ones
     * @param  (\Closure(Settled): void)|null  $witness  is shown every moment on the way, before anything acts on it
     * @param  Trail|null  $trail  is given every moment on the way
     * @param  bool  $wears  whether what is used hard burns out
     * @param  Bodies  $levels  heat, run time
     */
    public static function begun(
        Model $model,
        Networks $networks,
        Conditions $conditions,
        Faults $faults,
        array $states = [],
        ?\Closure $witness = null,
        ?Trail $trail = null,
        bool $wears = true,
        Bodies $levels = new Bodies,
    ): self {
        $states = [...$model->initialStates, ...$states];
        $course = new self(
            $model,
            $networks,
            $conditions,
            $faults,
            $states,
            $networks->at($conditions, $states, $faults, $model->omega),
            [],
            levels: $levels,
            witness: $witness,
            trail: $trail,
            wears: $wears,
        );
        $course->rest();

        return $course;
    }

    /** From a moment of a healthy unit, with faults from there on. */
    public static function from(Model $model, Networks $networks, Moment $moment, Faults $faults, bool $wears = true): self
    {
        $course = new self(
            $model,
            $networks,
            $moment->conditions,
            $faults,
            $moment->states,
            $moment->network,
            $faults->targets(),
            clone $moment->timers,
            $moment->time,
            clone $moment->levels,
            clone $moment->worn,
            wears: $wears,
        );
        $course->rest();

        return $course;
    }

    public function time(): float
    {
        return $this->time;
    }

    public function conditions(): Conditions
    {
        return $this->conditions;
    }

    public function faults(): Faults
    {
        return $this->faults;
    }

    /** @return array<string, string> of all parts */
    public function states(): array
    {
        return $this->states;
    }

    public function settled(): Settled
    {
        return new Settled(
            $this->model,
            $this->levels->warm($this->conditions, $this->model->parts),
            $this->faults,
            $this->states,
            $this->solver->network($this->states, $this->conditions),
            $this->solver->volts->re,
            $this->solver->volts->im,
            $this->chattering,
            $this->rounds,
            $this->period,
            $this->time,
        );
    }

    /** Lets timers run, one after another, with levels and slow quantities held where they are. */
    public function waitForTimers(float $patience): void
    {
        $seen = $visited = [];
        while (true) {
            [$at, $moves] = $this->timers->next($this->pending);
            if ($at > $patience) {
                return;
            }
            $key = implode('|', $this->states).'> '.implode('|', array_keys($moves));
            if (isset($seen[$key])) {
                // it has been here before: it goes round for ever, at the pace of its timers
                [$from, $start] = $seen[$key];
                $this->chattering = self::movers(array_slice($visited, $from), $this->states);
                $this->period = $at - $start;
                $this->trail?->lose();

                return;
            }
            $seen[$key] = [count($visited), $at];
            $visited[] = $this->states;
            $this->time = max($this->time, $at);
            $this->enter($moves);
        }
    }

    /**
     * Goes to the next event, or to a time when none comes before it.
     *
     * @return bool whether there was an event
     */
    public function goOn(float $until): bool
    {
        $pendings = $this->restedUnder === $this->conditions ? $this->pending : $this->pendings();
        $this->timers->keep($pendings, $this->time);
        [$at, $moves] = $this->timers->next($pendings);
        [$drifts, $wears] = [$this->drifts(), $this->wears()];
        $moving = $this->quantities->moving($this->conditions, $this->observed(...));
        $left = $burns = [];
        [$after, $part] = $this->levels->next($drifts, $at - $this->time);
        if ($this->time + $after < $at) {
            [$at, $moves, $left] = [$this->time + $after, [$part => $drifts[$part]->next], [$part => $drifts[$part]]];
        }
        [$after, $part] = $this->worn->next($wears, $at - $this->time);
        if ($this->time + $after < $at) {
            [$at, $moves, $left, $burns] = [$this->time + $after, [], [], [$part => $wears[$part]->next]];
        }
        $mark = $this->quantities->next($moving, $this->conditions);
        $marked = $this->time + $mark->after < $at;
        $at = min($at, $this->time + $mark->after);
        $this->pass(min($at, $until) - $this->time, $drifts, $wears, $moving);
        if ($at > $until) {
            return false;
        }
        if ($marked) {
            $this->under($this->conditions->withNumbers($mark->numbers));
            $this->solver->move([], $this->states, $this->conditions);
            $this->rest();

            return true;
        }
        foreach ($left as $part => $drift) {
            $this->levels->leave($part, $drift);
        }
        $burns === [] ? $this->enter($moves) : $this->burn($burns);

        return true;
    }

    /** Whether something that opened by its heat is on its way to close again. */
    public function isReturning(): bool
    {
        foreach ($this->drifts() as $id => $drift) {
            if ($drift->next === ($this->model->initialStates[$id] ?? '') && $drift->next !== $this->states[$id]) {
                return true;
            }
        }

        return false;
    }

    /** Someone has set something: a call, a disconnect, a lead. */
    public function change(Conditions $conditions): void
    {
        $this->under($conditions);
        $this->rebuild();
    }

    /** What has burnt out since it began. */
    public function burnt(): Faults
    {
        return $this->burnt;
    }

    /** Faults come and go: an intermittent, or a repair. What has burnt out stays so until it is mended. */
    public function fail(Faults $faults, Fault ...$mended): void
    {
        $this->burnt = $this->burnt->without(...$mended);
        $this->faults = $faults->with(...$this->burnt->all);
        $this->settings = $this->seen = [];
        $this->rebuild();
    }

    /** Someone presses a reset button, or spins a fan by hand: a part is put into a state. */
    public function put(string $part, string $state): void
    {
        $this->states[$part] = $state;
        $this->levels->forget($part);
        $this->rebuild();
    }

    /** @param  array<string, string>  $parts  with the failure mode that is left of each */
    private function burn(array $parts): void
    {
        foreach ($parts as $id => $mode) {
            $this->worn->forget($id);
            $this->burnt = $this->burnt->with(new InjectedFault($this->model->faults->find("$id:$mode")));
        }
        $this->fail($this->faults);
    }

    private function rebuild(): void
    {
        $this->solver->change($this->states, $this->faults, $this->conditions);
        $this->rest();
    }

    /** @param  array<string, string>  $states  of the parts that come to others */
    private function enter(array $states): void
    {
        $moved = array_keys($states);
        $this->states = [...$this->states, ...$states];
        $this->timers->forget($moved);
        $this->rest($this->isSeenByMoved($moved) && $this->chattering === [] && $this->restedUnder === $this->conditions ? $moved : null);
    }

    /**
     * Some parts have moved, or what they follow has.
     *
     * @param  list<string>  $moved
     * @return bool whether nobody else sees anything of it: the volts are the same, and no direct ones were looked at
     */
    private function isSeenByMoved(array $moved): bool
    {
        return ! $this->solver->move($moved, $this->states, $this->conditions) && ! $this->direct->isLookedAt();
    }

    /**
     * Lets every part act on what it sees, until none moves.
     *
     * @param  list<string>|null  $moved  the parts that have moved since all were last asked, when nothing else has changed for any
     */
    private function rest(?array $moved = null): void
    {
        $seen = $history = [];
        $this->chattering = [];
        for ($round = 1; ; $round++) {
            $this->direct->forget();
            $this->seen = [];
            if ($this->witness !== null) {
                ($this->witness)($this->settled());
            }
            $next = $this->step($moved);
            $numbers = $this->quantities->quick($this->conditions, $this->observed(...));
            $moved = array_keys(array_diff_assoc($next, $this->states));
            if ($moved === [] && $numbers === []) {
                break;
            }
            $this->trail?->add($this->moment(false));
            $key = implode('|', $next).implode('|', $numbers);
            if (isset($seen[$key]) || $round >= self::MOST_ROUNDS) {
                $cycle = array_slice($history, $seen[$key] ?? 0);
                $this->chattering = self::movers($cycle, $next);
                $this->period = self::ARMATURE * count($cycle);
                $this->trail?->lose();
                break;
            }
            $seen[$key] = count($history);
            $history[] = $next;
            $this->states = $next;
            $this->timers->forget($moved);
            if ($numbers !== []) {
                $this->under($this->conditions->withNumbers($numbers));
            }
            $moved = $this->isSeenByMoved($moved) && $numbers === [] ? $moved : null;
        }
        $this->rounds += $round;
        $this->restedUnder = $this->conditions;
        $this->pending = $this->pendings();
        $this->trail?->add($this->moment(true));
        $this->timers->keep($this->pending, $this->time);
    }

    private function moment(bool $isRest): Moment
    {
        return new Moment(
            $this->time,
            $this->states,
            $this->conditions,
            $this->solver->network($this->states, $this->conditions),
            clone $this->solver->volts,
            clone $this->timers,
            clone $this->levels,
            clone $this->worn,
            $isRest,
            $this->direct->lookers(),
        );
    }

    /**
     * The states that follow from the voltages now.
     *
     * @param  list<string>|null  $moved  the parts that have moved, when nothing else has changed for any
     * @return array<string, string>
     */
    private function step(?array $moved): array
    {
        $states = $this->states;
        $acting = $this->model->acting;
        foreach ($moved === null ? $acting : array_intersect_key($acting, array_flip($moved)) as $id => $component) {
            $states[$id] = $component->nextState(
                $states[$id],
                $this->settings[$id] ?? $this->setting($id),
                $this->voltagesOf($component),
            );
        }
        foreach ($this->conditions->removed as $id) {
            if (isset($states[$id])) {
                $states[$id] = $this->model->parts[$id]->stateWhenDead($this->states[$id]);
            }
        }

        return $states;
    }

    public function observed(string $id): string
    {
        $component = $this->model->parts[$id];

        return $this->seen[$id] ??= $component->observed($this->states[$id] ?? '', $this->setting($id), $this->voltagesOf($component));
    }

    /**
     * Levels and slow quantities move on.
     *
     * @param  array<string, Drift>  $drifts
     * @param  array<string, Drift>  $wears
     * @param  array<string, Lag>  $moving
     */
    private function pass(float $seconds, array $drifts, array $wears, array $moving): void
    {
        if ($seconds <= 0.0) {
            return;
        }
        $this->levels->pass($drifts, $seconds);
        $this->worn->pass($wears, $seconds);
        $this->under($this->conditions->withNumbers($this->quantities->after($moving, $this->conditions, $seconds)));
        $this->time += $seconds;
    }

    /** @return array<string, Drift> */
    private function drifts(): array
    {
        return $this->drifting(
            $this->model->drifting,
            static fn (Kind $part, string $state, Setting $setting, PartVoltages $volts): ?Drift => $part->drift($state, $setting, $volts),
        );
    }

    /** @return array<string, Drift> of the parts that have not failed that way already */
    private function wears(): array
    {
        $ask = static function (Kind $part, string $state, Setting $setting, PartVoltages $volts): ?Drift {
            $wear = $part->wear($state, $setting, $volts);

            return $wear === null || $setting->has($wear->next) ? null : $wear;
        };

        return $this->wears ? $this->drifting($this->model->wearing, $ask) : [];
    }

    /**
     * @param  array<string, Kind>  $parts
     * @param  \Closure(Kind, string, Setting, PartVoltages): ?Drift  $ask  what of a part drifts
     * @return array<string, Drift> of the parts that are there
     */
    private function drifting(array $parts, \Closure $ask): array
    {
        $drifts = [];
        foreach ($parts as $id => $part) {
            $drift = $this->conditions->hasRemoved($id)
                ? null
                : $ask($part, $this->states[$id] ?? '', $this->setting($id), $this->voltagesOf($part));
            if ($drift !== null) {
                $drifts[$id] = $drift;
            }
        }

        return $drifts;
    }

    /** @return list<array{string, Pending}> */
    private function pendings(): array
    {
        $all = [];
        // in a circuit that chatters nothing lasts long enough to time anything
        foreach ($this->chattering === [] ? $this->model->timed : [] as $id => $component) {
            foreach ($this->conditions->hasRemoved($id) ? [] : $component->pending(
                $this->states[$id],
                $this->setting($id),
                $this->voltagesOf($component),
            ) as $pending) {
                $all[] = [$id, $pending];
            }
        }

        return $all;
    }

    private function under(Conditions $conditions): void
    {
        if ($conditions !== $this->conditions) {
            $this->conditions = $conditions;
            $this->settings = $this->seen = [];
        }
    }

    private function setting(string $id): Setting
    {
        return $this->settings[$id] ??= new Setting($this->conditions, $this->faults->in($id), $this->model->omega);
    }

    private function voltagesOf(Component $component): PartVoltages
    {
        return $this->views[$component->id] ??= new PartVoltages(
            $this->model,
            $component,
            $this->solver->volts,
            fn (): array => $this->direct->seenBy($component->id, $this->conditions, $this->states, $this->faults),
        );
    }

    /**
     * The parts that move within a cycle of states.
     *
     * @param  list<array<string, string>>  $cycle
     * @param  array<string, string>  $next
     * @return list<string>
     */
    private static function movers(array $cycle, array $next): array
    {
        $movers = [];
        foreach ($cycle as $states) {
            $movers += array_diff_assoc($states, $next);
        }

        return array_keys($movers);
    }
}

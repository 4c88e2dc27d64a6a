<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Parts\Component;

/**
 * Chooses the next test: the one with the most expected information per minute, risk priced in.
 *
 * The predictions of the suspects in play fall into outcomes that a reading can tell apart; the expected information is the
 * entropy of those outcomes. What all tests together cannot tell apart carries the same signature.
 */
final class Chooser
{
    private const OFFERED = 6;

    /** Leads are lifted, and starts watched, once at most this many suspects are in play, */
    private const FEW = 24;

    /** and starts too where nothing tells so many bits a minute: a unit that has locked itself out shows nothing as it stands. */
    private const LITTLE = 0.1;

    /** So many are thought of for whether a pilot still feeds what is to be tested. */
    private const LIKELY = 5;

    /** With more than this chance that it is a ghost volts are read on a low impedance. [practice, no published source] */
    private const GHOSTS = 0.1;

    /** With more than this chance that it would blow again nothing is fed. */
    private const BOLTED = 0.05;

    private readonly Model $model;

    private readonly Offers $offers;

    /** @param  array<int, true>  $noticed  variants that someone would call about */
    public function __construct(
        private readonly Predictor $predictor,
        private readonly Standpoint $from,
        private readonly array $noticed = [],
    ) {
        $this->model = $predictor->settler->model;
        $this->offers = new Offers($predictor, $from);
    }

    /**
     * @param  list<float>  $posterior  by variant
     * @param  list<int>  $inPlay
     * @param  list<Evidence>  $evidence
     * @param  Evidence|null  $again  whose test comes first where it can be made
     * @return array{list<Advice>, array<int, string>} best first; signature by variant in play
     */
    public function choose(array $posterior, array $inPlay, array $evidence, ?Evidence $again = null): array
    {
        $now = $this->from->now;
        [$weights, $isBolted, $ranking] = $this->begun($posterior, $inPlay, $evidence, $again);
        foreach ([...$this->offers->live($isBolted, $inPlay), ...$this->again($evidence, $weights)] as [$test, $extra]) {
            $this->offer($ranking, $test, $extra);
        }
        $isFew = $ranking->suspects() <= self::FEW;
        $isNone = $ranking->best(1) === [];
        if ($isFew || $isBolted || $isNone || ! $now->isEnergised($this->model->circuit)) {
            $lifts = $isFew ? Lifts::All : ($isBolted || $isNone ? Lifts::OneWire : Lifts::None);
            $this->addDead($ranking, $this->tested($again), $ranking->first(2 * self::FEW), $lifts, $isFew);
        }
        if (! $isFew && ! $isBolted && $ranking->best(1) === []) {
            $this->addDead($ranking, [], $ranking->first(2 * self::FEW, $this->noticed), Lifts::All, false);
        }
        $isLittle = ($ranking->best(1)[0] ?? null)?->score() < self::LITTLE;
        if (($isFew || $isLittle) && ! $isBolted && $this->moveDifferently($now, $weights)) {
            foreach ($this->offers->watching($inPlay) as $test) {
                $this->offer($ranking, $test, 0.0);
            }
        }
        $isNone = $isFew && $ranking->best(1) === [];
        if ($isNone && ! $isBolted && ! $this->from->limits->mustRun && ! $this->hasTripped($inPlay)) {
            foreach ($this->offers->otherwiseCalled() as [$test, $extra]) {
                $this->offer($ranking, $test, $extra);
            }
        }

        $first = $ranking->asked();
        $plan = $first === null ? $ranking->plan() : null;
        $first ??= $plan?->tests[0];
        $others = array_values(array_filter($ranking->best(self::OFFERED), static fn (Ranked $r): bool => $r !== $first));

        return [
            [
                ...$first === null ? [] : [$this->advice($first, $weights, $plan?->sweep() ?? [])],
                ...array_map(fn (Ranked $r): Advice => $this->advice($r, $weights), array_slice($others, 0, self::OFFERED - 1)),
            ],
            $ranking->signatures(),
        ];
    }

    /**
     * A test that has been made, once more; nothing where it cannot be made as the unit stands, or be made so that it can.
     *
     * @param  list<float>  $posterior  by variant
     * @param  list<int>  $inPlay
     * @param  list<Evidence>  $evidence
     */
    public function onceMore(array $posterior, array $inPlay, array $evidence, Evidence $again): ?Advice
    {
        [$weights, $isBolted, $ranking] = $this->begun($posterior, $inPlay, $evidence, $again);
        foreach ($this->offers->live($isBolted, $inPlay) as [$test, $extra]) {
            if ($test->whenever() === $again->whenever()) {
                $this->offer($ranking, $test, $extra);
            }
        }
        $asked = $ranking->asked();

        return $asked === null ? null : $this->advice($asked, $weights);
    }

    /**
     * @param  list<float>  $posterior  by variant
     * @param  list<int>  $inPlay
     * @param  list<Evidence>  $evidence
     * @return array{array<int, float>, bool, Ranking} weights of those in play, adding up to one; whether feeding it would blow something
     *                                                 again; no test ranked so far
     */
    private function begun(array $posterior, array $inPlay, array $evidence, ?Evidence $again): array
    {
        $mass = array_sum(array_map(static fn (int $s): float => $posterior[$s], $inPlay));
        $weights = [];
        foreach ($inPlay as $s) {
            $weights[$s] = $posterior[$s] / $mass;
        }
        $isBolted = $this->isBolted($weights, $this->from->now);
        $weights = $this->predictor->beliefs?->spread($weights) ?? $weights;
        $done = array_fill_keys(array_merge(...array_map(self::keys(...), $evidence)), true);

        return [$weights, $isBolted, new Ranking($this->predictor, $weights, $done, $again?->whenever(), $this->from->leaning)];
    }

    /**
     * Of the tests that it makes needless: on a low impedance volts are those of ten megohms and better, and what was seen at a time after
     * a start, or when it had cooled, is not asked for whenever one is there.
     *
     * @return list<string>
     */
    private static function keys(Evidence $item): array
    {
        $test = $item->test;
        $tests = $test instanceof Probe && $test->function === MeterFunction::VoltsAcLowZ
            ? [$test, $test->on(MeterFunction::VoltsAc)]
            : [$test];

        return array_merge(...array_map(
            static fn (Test $t): array => [$t->key().' '.$item->when->key(), $t->key().' '.$item->when->conditions->key()],
            $tests,
        ));
    }

    /**
     * Whether one of them has tripped what stays out until somebody resets it: another call finds it so.
     *
     * @param  list<int>  $inPlay
     */
    private function hasTripped(array $inPlay): bool
    {
        $outlook = $this->predictor->outlook($this->from->now->energised($this->model->circuit));
        foreach ($inPlay as $v) {
            $left = $this->predictor->settler->statesWhenDead($outlook->end($this->predictor->variant($v))->posture->states);
            $blown = array_filter($this->model->parts, fn (Component $part): bool => $part->overcurrentDevice() !== null
                && $left[$part->part->id] !== $this->model->initialStates[$part->part->id]);
            if ($blown !== [] || $this->model->afterResets($left) !== $left) {
                return true;
            }
        }

        return false;
    }

    /**
     * What was read on ten megohms and may have been a ghost, on a low impedance.
     *
     * @param  list<Evidence>  $evidence
     * @param  array<int, float>  $weights  by variant
     * @return list<array{0: Candidate, 1: float}>
     */
    private function again(array $evidence, array $weights): array
    {
        $list = [];
        foreach ($evidence as $k => $item) {
            $isNow = $item->when->conditions->key() === $this->from->now->key();
            if ($isNow && $item->test instanceof Probe && $this->mayBeGhost($item->test, $item->when, $weights)) {
                $list[] = [$this->offers->lowered($item->test, isThere: $k === count($evidence) - 1), 0.0];
            }
        }

        return $list;
    }

    /**
     * Whether what it would show hangs by stray capacitance with one that may well be it.
     *
     * @param  array<int, float>  $weights  by variant
     */
    private function mayBeGhost(Probe $test, Occasion $when, array $weights): bool
    {
        if ($test->function !== MeterFunction::VoltsAc) {
            return false;
        }
        $leads = new Leads($test->function, $test->red, $test->black);
        $ghosts = 0.0;
        $volts = $this->predictor->volts($leads, $when);
        foreach ($weights as $v => $weight) {
            $ghosts += $volts->in($this->predictor->sceneNumber($v, $when))->isGhost ? $weight : 0.0;
        }

        return $ghosts > self::GHOSTS;
    }

    /** Unless it cannot be done now. */
    private function offer(Ranking $ranking, Candidate $test, float $extra): void
    {
        $this->predictor->pause();
        if ($this->from->limits->allow($test, $this->model->circuit)) {
            $ranking->add($test, $extra);
        }
    }

    /** Until a machine does again what it does now and then. */
    public function waiting(string $part): Advice
    {
        $test = new Await($part);
        $when = new Occasion($this->from->now);
        $expected = $test->words($test->shows($this->predictor, $when, 0));

        return new Advice(
            new Candidate($test, $when, [], Await::SECONDS / 120, 1.0),
            0.0,
            $test->title($this->model->circuit),
            $expected,
            $expected,
            $expected,
            'It comes and goes, and is not there now: what is read now says nothing of it.',
            [],
        );
    }

    /**
     * Dead tests: at once, then of what has to cool first where few are in doubt.
     *
     * @param  list<string>  $more  parts and wires to test besides those in doubt
     * @param  list<int>  $doubted  variants
     */
    private function addDead(Ranking $ranking, array $more, array $doubted, Lifts $lifts, bool $isFew): void
    {
        foreach ($isFew ? [null, Storyteller::COOLS] : [null] as $cooling) {
            $waits = ($cooling ?? 0.0) / 60;
            $bar = $ranking->best(self::OFFERED)[self::OFFERED - 1] ?? null;
            $alike = $ranking->alike();
            $tests = $this->offers->dead([...$more, ...$this->offers->targets($doubted)], $cooling, $this->likely($ranking));
            foreach ($tests as [$test, $target]) {
                // a dead test takes time to work out: it is where it could be offered, or could split what is alike so far
                $isTried = match ($lifts) {
                    Lifts::All => true,
                    Lifts::OneWire => $test->lift === [] || $this->parts($test, $target),
                    Lifts::None => $test->lift === [],
                };
                if ($isTried && (isset($alike[$target]) || $ranking->most($test, $waits) > ($bar?->score() ?? 0.0))) {
                    $this->offer($ranking, $test, $waits);
                }
            }
        }
    }

    /** Whether a test parts the unit at a wire, and measures what hangs on it. */
    private function parts(Candidate $test, string $target): bool
    {
        $wire = $this->model->circuit->wires[$target] ?? null;

        return $wire !== null && $test->lift === [$target] && $test->test instanceof Probe && $test->test->red === $wire->to;
    }

    /**
     * Whether it may well be that feeding it would blow something again.
     *
     * @param  array<int, float>  $weights  by variant
     */
    private function isBolted(array $weights, Conditions $now): bool
    {
        return array_sum(array_intersect_key($weights, array_filter($this->predictor->bolted($now)))) > self::BOLTED;
    }

    /**
     * Whether suspects go through different things before they come to rest.
     *
     * @param  array<int, float>  $weights  by variant
     */
    private function moveDifferently(Conditions $now, array $weights): bool
    {
        $when = new Occasion($now->calling($this->model->circuit), 0.0);
        $ways = array_map(
            fn (int $v): array => array_keys($this->predictor->goneThrough($v, $when, Noting::everything())),
            array_keys($weights),
        );

        // what is alike to alternating current need not be so to direct
        return $this->model->direct !== [] || count(array_unique(array_map(serialize(...), $ways))) > 1;
    }

    /** @return list<string> parts and wires that a piece of evidence is about: what is asked for again may be in doubt no more */
    private function tested(?Evidence $item): array
    {
        $points = $item?->test instanceof Probe ? [$item->test->red, $item->test->black] : [];
        $parts = array_map(fn (string $point): string => $this->model->circuit->partAt($point)->id, $points);

        return [...$parts, ...$item->when->conditions->lifted ?? []];
    }

    /** @return list<array<string, string>> states in which its parts may well be, where that decides whether ohms can be read */
    private function likely(Ranking $ranking): array
    {
        $when = new Occasion($this->from->now->energised($this->model->circuit));

        return array_map(
            fn (int $number): array => $this->predictor->scene($number, $when)->posture->states,
            $this->model->direct === [] ? [] : $ranking->first(self::LIKELY),
        );
    }

    /**
     * @param  array<int, float>  $weights
     * @param  list<Candidate>  $sweep  what comes after it with only the red lead moved
     */
    private function advice(Ranked $ranked, array $weights, array $sweep = []): Advice
    {
        $test = $ranked->candidate;
        if ($test->test instanceof Probe && $this->mayBeGhost($test->test, $test->when, $weights)) {
            $test = $test->with($test->test->on(MeterFunction::VoltsAcLowZ));
        }

        return (new Telling($this->predictor, $weights))->of($ranked, $test, $sweep);
    }
}

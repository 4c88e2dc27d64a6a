<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\SuspectGroup;
use Levin\Core\Diagnosis\Watch;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;
use Levin\Core\Operation\Story;

/** Hides a truth in a unit and has someone look for it, with readings as a meter would show them. */
final readonly class Trial
{
    /** Whoever is not there after so many tests calls for help. */
    private const MOST = 30;

    /** Minutes after the complaint began at which someone comes, in seconds: evenly between. */
    private const COMES = [600.0, 1800.0];

    private Model $model;

    /** @param  \Closure(): float  $clock  seconds */
    public function __construct(
        private Settler $settler,
        private Investigation $investigation,
        private Strategy $strategy,
        private Luck $luck,
        private \Closure $clock,
    ) {
        $this->model = $settler->model;
    }

    public function of(Truth $truth, Dice $dice): Outcome
    {
        $now = $truth->conditions ?? Conditions::healthyDefaults($this->model->circuit);
        $unit = new HiddenUnit(
            $this->supplied($dice),
            $now,
            $truth->faults,
            $truth->sort === Sort::Intermittent,
            $this->luck,
            $dice,
        );
        $unit->wait($dice->between(...self::COMES));
        $evidence = $this->complaint($unit, new Occasion($now));
        $place = null;
        $tests = $live = 0;
        $bits = $minutes = 0.0;
        $isDead = false;
        $since = null;
        $unsafe = $log = $seconds = $named = [];
        while (true) {
            $began = ($this->clock)();
            $assessment = $this->investigation->assess($evidence, $now, $isDead, $place);
            $seconds[] = ($this->clock)() - $began;
            $bits = $tests === 0 ? self::entropy($assessment) : $bits;
            foreach ([...$assessment->unexplained, ...array_filter([$assessment->doubted, $assessment->alone])] as $item) {
                $named[$item->test->key()] = true;
            }
            $next = $this->strategy->next($assessment, $evidence);
            if ($assessment->found() !== null || $next === null || $tests === self::MOST) {
                return $this->outcome($truth, $assessment, $unit, $tests, $minutes, $live, $unsafe, $bits, $log, $seconds, $named);
            }
            $tests++;
            $minutes += $next->minutes;
            if ($next->when->conditions->key() !== $now->key()) {
                $now = $next->when->conditions;
                $unit->change($now);
            }
            $wasDead = $isDead;
            $isDead = Conditions::poweredDown($this->model->circuit, $now)->key() === $now->key();
            $unit->wait(60 * $next->minutes);
            $since = match (true) {
                $isDead => null,
                $wasDead => 60 * $next->minutes,
                default => $since === null ? null : $since + 60 * $next->minutes,
            };
            array_push($unsafe, ...$this->dangers($next, $unit));
            $live += $isDead ? 0 : 1;
            if ($next->when->after !== null) {
                $isDead ? $unit->wait($next->when->after) : $unit->restart();
            }
            $shown = $next->test->carriedOut($unit);
            $evidence[] = new Evidence($next->test, $shown, new Occasion($now, $next->when->after ?? $this->noted($since)));
            $log[] = $next->test->title($this->model->circuit).': '.$next->test->words($shown);
            $place = $next->test->place($this->model->circuit);
            $since = $next->when->after === 0.0 ? Watch::SECONDS : $since;
            $then = new Occasion($now, $this->noted($since));
            array_push($evidence, ...$isDead ? [] : $this->moved($unit, $evidence, $then));
        }
    }

    /** Seconds since it was switched on again, as long as that matters. */
    private function noted(?float $since): ?float
    {
        return $since !== null && $since < Story::LONG ? $since : null;
    }

    /** The same unit, fed with what the wires bring today. */
    private function supplied(Dice $dice): Settler
    {
        $factor = 1 + $dice->between(-$this->luck->supply, $this->luck->supply);
        $circuit = $this->model->circuit;
        foreach ($factor === 1.0 ? [] : $circuit->parts as $id => $part) {
            if ($this->model->parts[$id]->sourceTerminals() !== [] && isset($part->plate['source_ohms'])) {
                $circuit = $circuit->fitting($part->withPlate(['volts' => $factor * $part->number('volts')]));
            }
        }

        return $circuit === $this->model->circuit ? $this->settler : new Settler(new Model($circuit));
    }

    /** @return list<Evidence> what of the machines runs and what does not */
    private function complaint(HiddenUnit $unit, Occasion $now): array
    {
        $evidence = [];
        foreach ($this->model->parts as $id => $part) {
            if ($part->demand() !== null && $part->observables() !== []) {
                $evidence[] = new Evidence(new Look($id), $unit->look($id), $now);
            }
        }

        return $evidence;
    }

    /**
     * What one cannot help noticing: a machine that has stopped, or started, since it was last looked at.
     *
     * @param  list<Evidence>  $evidence
     * @return list<Evidence>
     */
    private function moved(HiddenUnit $unit, array $evidence, Occasion $now): array
    {
        $last = [];
        foreach ($evidence as $item) {
            $last[$item->key()] = $item->shown;
        }

        return array_values(array_filter(
            $this->complaint($unit, $now),
            static fn (Evidence $item): bool => $item->shown !== ($last[$item->key()] ?? null),
        ));
    }

    /** @return list<string> */
    private function dangers(Candidate $next, HiddenUnit $unit): array
    {
        $test = $next->test;

        return $test instanceof Probe && $test->function->isDeadTest() && $unit->isLive($test->red, $test->black)
            ? [$test->title($this->model->circuit).' on a live circuit']
            : [];
    }

    /**
     * @param  list<string>  $unsafe
     * @param  list<string>  $log
     * @param  list<float>  $seconds
     * @param  array<string, true>  $named  keys of tests whose results were doubted
     */
    private function outcome(
        Truth $truth,
        Assessment $assessment,
        HiddenUnit $unit,
        int $tests,
        float $minutes,
        int $live,
        array $unsafe,
        float $bits,
        array $log,
        array $seconds,
        array $named,
    ): Outcome {
        $found = $assessment->found();
        $first = $found ?? $assessment->groups[0];
        $isRight = self::isRight($truth, $first);

        return new Outcome(
            $truth,
            match (true) {
                $found === null => Ending::Stuck,
                $isRight => Ending::Right,
                default => Ending::Wrong,
            },
            $first->faults,
            $first->label(),
            $first->probability,
            $tests,
            $minutes,
            $live,
            $unsafe,
            $bits,
            self::namedSlips($unit, $named),
            $isRight,
            $log,
            $seconds,
        );
    }

    private static function isRight(Truth $truth, SuspectGroup $said): bool
    {
        $names = array_diff($truth->ids(), $said->faults) === [];

        return match ($truth->sort) {
            Sort::Cycling => $said->faults === [],
            Sort::Intermittent => $names && str_contains($said->label(), ', comes and goes'),
            default => $names,
        };
    }

    /**
     * Share of the mistaken readings that were doubted or left unexplained at some time.
     *
     * @param  array<string, true>  $named  keys of tests
     */
    private static function namedSlips(HiddenUnit $unit, array $named): ?float
    {
        $slips = array_unique($unit->slips());

        return $slips === [] ? null : count(array_intersect($slips, array_keys($named))) / count($slips);
    }

    /** Bits of what is still open, counting what no test tells apart as one. */
    private static function entropy(Assessment $assessment): float
    {
        return -array_sum(array_map(
            static fn ($group): float => $group->probability > 0.0 ? $group->probability * log($group->probability, 2) : 0.0,
            $assessment->groups,
        ));
    }
}

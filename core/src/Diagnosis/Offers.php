<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Operation\Model;

/** What can be tested from where a technician stands, and the minutes of changing the state of the unit for it first. */
final readonly class Offers
{
    private Model $model;

    private Candidates $candidates;

    public function __construct(private Predictor $predictor, private Standpoint $from)
    {
        $this->model = $predictor->settler->model;
        $this->candidates = new Candidates($predictor->settler);
    }

    /** @return list<Candidate> every test there is, as the drawing has the parts */
    public function every(Conditions $now): array
    {
        $off = Conditions::poweredDown($this->model->circuit, $now);
        $left = $this->predictor->settled(0, $off);

        return array_merge($this->under(new Occasion($now->energised($this->model->circuit))), ...array_map(
            fn (string $target): array => $this->candidates->dead($target, $off, false, null, $left),
            array_map(strval(...), array_keys($this->model->components)),
        ));
    }

    /**
     * @param  list<int>  $inPlay
     * @return list<array{0: Candidate, 1: float}> each with the minutes of changing the conditions first
     */
    public function live(bool $isBolted, array $inPlay): array
    {
        $now = $this->from->now;
        $energised = $now->energised($this->model->circuit);
        $changes = [[$now, 0.0]];
        if ($energised->key() !== $now->key() && $isBolted) {
            // what would blow again is found with the power off
            return $this->at($changes, $inPlay);
        }
        if ($energised->key() !== $now->key()) {
            $changes[] = [$energised, Candidates::ENERGISE + count($now->lifted)];
        }
        $calling = $now->calling($this->model->circuit);
        if ($calling->key() !== $energised->key()) {
            $changes[] = [$calling, Candidates::ENERGISE];
        }

        return $this->at($changes, $inPlay);
    }

    /**
     * What is watched as the unit is switched on again.
     *
     * @param  list<int>  $inPlay
     * @return list<Candidate>
     */
    public function watching(array $inPlay): array
    {
        $calling = $this->from->now->calling($this->model->circuit);
        $running = $this->predictor->outlook($calling)->scene(0);

        return $this->candidates->watching($calling, $this->from->place, $running, $this->targets($inPlay));
    }

    /**
     * Under another call: the second stage, heat instead of cooling, the fan by itself, none.
     *
     * @return list<array{0: Candidate, 1: float}> each with the minutes of changing the conditions first
     */
    public function otherwiseCalled(): array
    {
        $energised = $this->from->now->energised($this->model->circuit);
        $extra = Candidates::CALL + ($energised->key() === $this->from->now->key() ? 0.0 : Candidates::ENERGISE);
        $list = [];
        foreach ($energised->otherwiseCalled($this->model->circuit) as $conditions) {
            foreach ($this->under(new Occasion($conditions)) as $test) {
                $list[] = [$test, $extra];
            }
        }

        return $list;
    }

    /** @param  bool  $isThere  whether the leads are on its points */
    public function lowered(Probe $test, bool $isThere): Candidate
    {
        return $this->candidates->lowered($test, new Occasion($this->from->now), $this->from->place, $isThere);
    }

    /**
     * @param  list<array{Conditions, float}>  $changes  conditions and the minutes of changing to them
     * @param  list<int>  $inPlay
     * @return list<array{0: Candidate, 1: float}>
     */
    private function at(array $changes, array $inPlay): array
    {
        $list = [];
        $quantities = $this->implied($inPlay);
        foreach ($changes as [$conditions, $extra]) {
            $when = new Occasion($conditions);
            // what the world comes to is read on a unit that does what it does
            $isFed = $conditions->isEnergised($this->model->circuit);
            $gauges = $isFed ? $this->candidates->gauges($quantities, $when, $this->from->place) : [];
            foreach ([...$this->under($when), ...$gauges] as $test) {
                $list[] = [$test, $extra];
            }
        }

        return $list;
    }

    /**
     * Quantities of the world that decide whether a part in play does its job or fails.
     *
     * @param  list<int>  $inPlay
     * @return list<string>
     */
    private function implied(array $inPlay): array
    {
        $quantities = [];
        foreach ($inPlay as $v) {
            $quantities += $this->model->implied($this->predictor->variants[$v]);
        }

        return array_values(array_intersect($this->model->circuit->measured(), array_keys($quantities)));
    }

    /** @return list<Candidate> all that can be done without switching anything off */
    private function under(Occasion $when): array
    {
        $place = $this->from->place;
        $running = $this->predictor->outlook($when->conditions->calling($this->model->circuit))->scene(0);

        return [
            ...$this->candidates->looking($when, $place),
            ...$this->candidates->live($when, $place, $this->predictor->on($when)->scene(0, $when->after), $running),
        ];
    }

    /**
     * @param  list<int>  $inPlay
     * @return list<string> parts and wires
     */
    public function targets(array $inPlay): array
    {
        return array_merge(...array_map(fn (int $s): array => $this->predictor->variants[$s]->targets(), $inPlay));
    }

    /**
     * @param  list<string>  $targets
     * @param  list<array<string, string>>  $likely  states in which its parts may well be
     * @return list<array{0: Candidate, 1: string}> each with the part or wire it tests
     */
    public function dead(array $targets, ?float $after, array $likely): array
    {
        $off = Conditions::poweredDown($this->model->circuit, $this->from->now);
        $left = $this->predictor->settled(0, $off);
        $list = [];
        foreach (array_unique($targets) as $target) {
            $tests = $this->candidates
                ->dead($target, $off, $this->from->provedDead, $this->from->place, $left, $after, $likely);
            foreach ($tests as $test) {
                $list[] = [$test, $target];
            }
        }

        return $list;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;

/** A part or wire tested by itself, with the power off and what lies in parallel lifted: whether it is good, whatever else there may be. */
final readonly class Alone
{
    /** Tests that are told. */
    private const TOLD = 6;

    /** Before any of them it is as probably good as not: that is what is asked. */
    private const GOOD = 0.5;

    /** @param  list<float>  $posterior  by variant: how probable each result is goes by what has been learned */
    public function __construct(private Predictor $predictor, private Standpoint $from, private array $posterior)
    {
    }

    /**
     * @return list<Advice> the one that tells most a minute first; none where nothing that is measured dead tells anything
     *
     * @throws UnknownName
     */
    public function tests(string $target): array
    {
        $model = $this->predictor->settler->model;
        $own = $this->predictor->lineup->priorOf($model->component($target)->id, $this->from->fresh);
        $off = Conditions::poweredDown($model->circuit, $this->from->now);
        $left = $this->predictor->settled(0, $off);
        $candidates = new Candidates($this->predictor->settler);

        return $this->told($candidates->dead($target, $off, $this->from->provedDead, $this->from->place, $left), $own);
    }

    /**
     * What is read on a part while the unit does as it is told: volts over it, and the amperes that it takes.
     *
     * @return list<Advice> the one that tells most a minute first; none for a wire, and where nothing tells of it
     *
     * @throws UnknownName
     */
    public function fed(string $target): array
    {
        $model = $this->predictor->settler->model;
        $own = $this->predictor->lineup->priorOf($model->component($target)->id, $this->from->fresh);
        $fed = new Occasion($this->from->now->asCalled($model->circuit));
        $scene = $this->predictor->on($fed)->scene(0);
        $live = (new Candidates($this->predictor->settler))->live($fed, $this->from->place, $scene, $scene);

        return $this->told(
            array_values(array_filter($live, static fn (Candidate $c): bool => self::isOn($c->test->act(), $target, $model->circuit))),
            $own,
        );
    }

    private static function isOn(Act $act, string $part, Circuit $circuit): bool
    {
        $wire = $act->way === Way::OnWires ? $circuit->wires[$act->at] ?? null : null;
        $points = match ($act->way) {
            Way::Meter => [$act->at, $act->black],
            Way::OnWires => $wire === null ? [] : [$wire->from, $wire->to],
            default => [],
        };
        $own = array_filter($points, static fn (string $point): bool => $circuit->partAt($point)->id === $part);

        return $act->way === Way::Meter ? count($own) === 2 : $own !== [];
    }

    /**
     * @param  list<Candidate>  $tests
     * @param  array<int, float>  $own  weights of what may be wrong with it
     * @return list<Advice>
     */
    private function told(array $tests, array $own): array
    {
        $ranking = new Ranking($this->predictor, self::among(self::GOOD, $own), [], null, $this->from->leaning);
        foreach ($tests as $test) {
            if ($this->from->limits->allow($test, $this->predictor->settler->model->circuit)) {
                $ranking->add($test, 0.0);
            }
        }
        $learned = array_intersect_key($this->posterior, $own);
        $telling = new Telling($this->predictor, self::among(1 - array_sum($learned), $learned), true);

        return array_map(static fn (Ranked $r): Advice => $telling->of($r, $r->candidate), $ranking->best(self::TOLD));
    }

    /**
     * @param  float  $good  chance that nothing is wrong with it
     * @param  array<int, float>  $own  weights of what may be
     * @return array<int, float> by variant, the healthy unit among them, adding up to one
     */
    private static function among(float $good, array $own): array
    {
        $all = max(array_sum($own), PHP_FLOAT_MIN);

        return [0 => $good] + array_map(static fn (float $w): float => (1 - $good) * $w / $all, $own);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

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
        $ranking = new Ranking($this->predictor, self::among(self::GOOD, $own), [], null, $this->from->leaning);
        $candidates = new Candidates($this->predictor->settler);
        foreach ($candidates->dead($target, $off, $this->from->provedDead, $this->from->place, $left) as $test) {
            if ($this->from->limits->allow($test, $model->circuit)) {
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

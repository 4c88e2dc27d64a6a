<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\Display;
use Levin\Core\Parts\Fault;

/** Says of a test what each likely result would mean among those in play, as a technician says it. */
final readonly class Telling
{
    /** Results that are put in words; the others are the rest. */
    public const TOLD = 3;

    /**
     * @param  array<int, float>  $weights  by variant, or number of one that counts twice
     * @param  bool  $isOfOne  whether all of them are of one part or wire: then its faults are named, and not what they are of
     */
    public function __construct(private Predictor $predictor, private array $weights, private bool $isOfOne = false)
    {
    }

    /**
     * @param  Candidate  $test  as it is to be made
     * @param  list<Candidate>  $sweep  what comes after it with only the red lead moved
     */
    public function of(Ranked $ranked, Candidate $test, array $sweep = []): Advice
    {
        $healthy = $test->test->shows($this->predictor, $test->when, 0);
        $said = self::said($test->test, $healthy);
        $results = array_map(fn (array $members): Result => $this->result($test, $members), $ranked->outcomes);
        usort($results, static fn (Result $a, Result $b): int => $b->probability <=> $a->probability);

        return new Advice(
            $test,
            $ranked->bits,
            $test->test->title($this->predictor->settler->model->circuit),
            $test->test->words($healthy),
            $healthy,
            $said,
            $this->why($results, $said),
            $results,
            $sweep,
        );
    }

    /** As a technician says it: a meter's last digits are not said. */
    public static function said(Test $test, float|string|null $shown): string
    {
        $function = $test->act()->function;

        return $function !== null && is_float($shown) ? Display::said($function, $shown) : $test->words($shown);
    }

    /** @param  non-empty-list<int>  $members */
    private function result(Candidate $test, array $members): Result
    {
        usort($members, fn (int $a, int $b): int => $this->weights[$b] <=> $this->weights[$a]);
        $shown = $test->test->shows($this->predictor, $test->when, $members[0]);
        $suspects = array_map(fn (int $v): Suspect => $this->predictor->suspects[$this->predictor->suspectOf[$v]], $members);

        return new Result(
            $shown,
            $test->test->words($shown),
            self::said($test->test, $shown),
            array_values(array_unique(array_map(static fn (Suspect $s): string => $s->label(), $suspects))),
            array_values(array_unique(array_merge(...array_map($this->parts(...), $suspects)))),
            array_sum(array_map(fn (int $v): float => $this->weights[$v], $members)),
            $test->test->isAsHealthy($this->predictor, $test->when, $shown),
        );
    }

    /** @return list<string> */
    private function parts(Suspect $suspect): array
    {
        $circuit = $this->predictor->settler->model->circuit;

        return $suspect->isMiswired
            ? ['wiring that is not as drawn']
            : array_map(
                fn (Fault $f): string => $this->isOfOne ? $f->mode->label : Spot::target($circuit, $f->target),
                $suspect->causes,
            );
    }

    /** @param  list<Result>  $results  most probable first */
    private function why(array $results, string $expected): string
    {
        $told = array_map(static fn (Result $r): string => $r->means(), array_slice($results, 0, self::TOLD));

        return implode(' ', [
            ...$told,
            ...count($results) > self::TOLD ? ['Anything else: the rest.'] : [],
            "A healthy unit shows $expected.",
        ]);
    }
}

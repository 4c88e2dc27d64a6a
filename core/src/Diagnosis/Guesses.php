<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Parts\Faults;

/**
 * Thinks of two causes at once, of one that comes and goes, and of a unit not wired as drawn, from what the single ones leave
 * unexplained.
 */
final readonly class Guesses
{
    /** Single suspects that are thought of as the one of two causes, and as the other. */
    private const ONES = 6;

    private const OTHERS = 12;

    /** Single suspects about which rare ones are thought of, and rare ones that are worked out. */
    private const NEAR = 3;

    private const RARE = 8;

    /** A suspect that could have this share of the leading one's weight, were it as bad as explains each piece best, */
    private const WORTH = 0.05;

    /** and so many times what it has, is thought of between its levels. */
    private const TORN = 5.0;

    /** Levels that are thought of between two at which a unit does one thing and another. */
    private const STEPS = 3;

    /** Pairs that are worked out. */
    private const PAIRS = 16;

    /** Single suspects that are thought of as coming and going. */
    private const INTERMITTENTS = 24;

    public function __construct(private Predictor $predictor, private Weighing $weighing)
    {
    }

    /** @return list<Guess> */
    public function all(): array
    {
        return [...$this->rare(), ...$this->between(), ...$this->pairs(), ...$this->intermittents(), Guess::miswired()];
    }

    /** @return list<Guess> of the best ones that have degrees, and of those whose levels explain everything only between them */
    private function between(): array
    {
        $numbers = array_map(fn (int $variant): int => $this->predictor->suspectOf[$variant], $this->bestBefore(self::NEAR));
        $guesses = [];
        foreach ([...$numbers, ...$this->torn()] as $number) {
            $guess = $this->betweenLevelsOf($this->predictor->suspects[$number]);
            $guesses += $guess === null ? [] : [$number => $guess];
        }

        return array_values($guesses);
    }

    /** @return list<Guess> of suspects whose levels explain everything only between them, at levels between which they do something else */
    public function levels(): array
    {
        return array_values(array_filter(array_map(
            fn (int $number): ?Guess => $this->betweenLevelsOf($this->predictor->suspects[$number]),
            $this->torn(),
        )));
    }

    /** @return list<int> suspects one of whose levels explains this and another one that, and none of them all */
    private function torn(): array
    {
        $bests = [];
        foreach ($this->predictor->suspects as $number => $suspect) {
            if ($suspect->single() !== null && count($suspect->variants) > 1) {
                [$own, $best] = $this->weighing->atBest($suspect->variants);
                $bests += $best >= self::WORTH && $best >= self::TORN * $own ? [$number => $best] : [];
            }
        }
        arsort($bests);

        return array_slice(array_keys($bests), 0, self::NEAR);
    }

    /** At levels between those at which it does something else. */
    private function betweenLevelsOf(Suspect $suspect): ?Guess
    {
        $fault = $suspect->single();
        $levels = [];
        foreach ($fault === null ? [] : array_slice($suspect->variants, 0, -1) as $n => $v) {
            $next = $suspect->variants[$n + 1];
            array_push($levels, ...$this->does($v) === $this->does($next) ? [] : $suspect->levelsBetween($n, self::STEPS));
        }

        return $fault === null || $levels === [] ? null : Guess::between($fault, $levels);
    }

    /** @return list<string> in what ways a variant stands as the unit should run, sorted */
    private function does(int $variant): array
    {
        $outlook = $this->predictor->outlook(Conditions::healthyDefaults($this->predictor->settler->model->circuit));
        $ways = array_map(
            static fn (int $scene): string => $outlook->at($scene)->posture->key,
            array_keys($outlook->passages($variant)->views(null)),
        );
        sort($ways);

        return array_values(array_unique($ways));
    }

    /** @return list<int> variants that lead without what the leading one leaves unexplained, and those that explain that best */
    private function bestBefore(int $many): array
    {
        $pieces = $this->weighing->unexplained();

        return [
            ...array_keys(self::best($this->weighing->without(...$pieces), $many)),
            ...array_keys(self::best($this->weighing->of(...$pieces), $many)),
        ];
    }

    /** @return list<Guess> of what the best ones are, and of what hangs on it */
    private function rare(): array
    {
        $near = [];
        foreach ($this->bestBefore(self::NEAR) as $variant) {
            $near = [...$near, ...$this->faults($variant)->targets()];
        }
        $model = $this->predictor->settler->model;
        $beside = array_merge(...array_map(fn (string $id): array => $model->circuit->beside($id), $near));

        return array_map(
            Guess::rare(...),
            array_slice($model->faults->rarer(...$near, ...$beside), 0, self::RARE),
        );
    }

    /** @return list<Guess> */
    private function pairs(): array
    {
        $pieces = $this->weighing->unexplained();
        $ones = self::best($this->weighing->without(...$pieces), self::ONES);
        $others = self::best($this->weighing->of(...$pieces), self::OTHERS);
        $all = array_sum(array_map(static fn (Suspect $s): float => $s->weight, $this->predictor->suspects));
        $pairs = [];
        foreach ($ones as $a => $pa) {
            foreach ($others as $b => $pb) {
                $key = min($a, $b).' '.max($a, $b);
                [$one, $other] = [$this->faults($a), $this->faults($b)];
                $isPair = ! $one->isEmpty() && ! $other->isEmpty() && array_intersect($one->targets(), $other->targets()) === [];
                if ($isPair && ($pairs[$key][0] ?? 0.0) < $pa * $pb) {
                    $pairs[$key] = [$pa * $pb, $one, $other];
                }
            }
        }
        usort($pairs, static fn (array $x, array $y): int => $y[0] <=> $x[0]);

        return array_map(
            static fn (array $pair): Guess => Guess::both($pair[1], $pair[2], $all),
            array_slice($pairs, 0, self::PAIRS),
        );
    }

    private function faults(int $variant): Faults
    {
        return $this->predictor->variants[$variant] ?? Faults::none();
    }

    /** @return list<Guess> */
    public function intermittents(): array
    {
        $guesses = [];
        foreach (array_keys(self::best($this->weighing->comingAndGoing(), self::INTERMITTENTS)) as $v) {
            $fault = $this->faults($v)->all[0]->fault ?? null;
            if ($fault !== null) {
                $guesses[] = Guess::intermittent($fault, $this->faults($v));
            }
        }

        return $guesses;
    }

    /**
     * @param  non-empty-list<float>  $weights  by variant
     * @return array<int, float>
     */
    private static function best(array $weights, int $many): array
    {
        arsort($weights);

        return array_filter(array_slice($weights, 0, $many, true), static fn (float $w): bool => $w > 0.0);
    }
}

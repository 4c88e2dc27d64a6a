<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

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
        return [...$this->rare(), ...$this->pairs(), ...$this->intermittents(), Guess::miswired()];
    }

    /** @return list<Guess> of what the best ones are, and of what hangs on it */
    private function rare(): array
    {
        $pieces = $this->weighing->unexplained();
        $near = [];
        foreach ([$this->weighing->without(...$pieces), $this->weighing->of(...$pieces)] as $weights) {
            foreach (array_keys(self::best($weights, self::NEAR)) as $variant) {
                $near = [...$near, ...$this->faults($variant)->targets()];
            }
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

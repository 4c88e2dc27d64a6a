<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * Who is worth being asked how it explains the next piece of evidence. In a large circuit most suspects are out of play after a few tests,
 * and what they would show under other conditions, or dead, takes long to work out.
 */
final readonly class Screening
{
    /** Fewer variants than this are all asked. */
    private const FEW = 200;

    /** Nobody with less than this share of the best one's weight comes back by one piece that turns out to be mistaken. */
    private const OUT = 1e-6;

    /** With more than this between them those who were not asked are asked after all. */
    private const LEAST = 1e-3;

    /**
     * @param  array<int, float>  $weights  by variant; of those out of play as they were when last asked
     * @param  list<int>  $left
     */
    private function __construct(private Predictor $predictor, private array $weights, public array $left)
    {
    }

    /** @param  non-empty-list<float>  $prior  weights by variant */
    public static function of(Predictor $predictor, array $prior): self
    {
        return new self($predictor, $prior, array_keys($prior));
    }

    /** @param  array<int, Fit>  $fits  by variant that is left */
    public function after(array $fits): self
    {
        $weights = $this->weights;
        foreach ($fits as $v => $fit) {
            $weights[$v] *= $fit->likelihood;
        }
        if (count($weights) < self::FEW) {
            return new self($this->predictor, $weights, $this->left);
        }
        $least = self::OUT * max(0.0, ...array_map(static fn (int $v): float => $weights[$v], $this->left));
        $left = [];
        foreach ($this->predictor->suspects as $suspect) {
            $own = array_map(static fn (int $v): float => $weights[$v], $suspect->variants);
            // all levels of a suspect are asked or none, the healthy unit always
            if (isset($fits[$suspect->variants[0]]) && ($suspect->isHealthy() || max($own) >= $least)) {
                array_push($left, ...$suspect->variants);
            }
        }
        sort($left);

        return new self($this->predictor, $weights, $left);
    }

    /**
     * Whether those who are out could still be right after all.
     *
     * @param  list<float>  $posterior  by variant
     */
    public function hasDroppedTooMuch(array $posterior): bool
    {
        return array_sum(array_diff_key($posterior, array_flip($this->left))) > self::LEAST;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Suspects taken together by the part or wire they sit in. */
final readonly class PartShares
{
    /** Less than this is not told. */
    private const TOLD = 0.005;

    /** Two at once are told from here on. */
    private const AT_ONCE = 0.1;

    /** Nor is what is this much less probable than the most probable that is wrong with the same part. */
    private const BESIDE = 0.05;

    public function __construct(private Predictor $predictor)
    {
    }

    /**
     * @param  non-empty-list<float>  $posterior  by variant
     * @return list<PartShare> most probable first
     */
    public function of(array $posterior): array
    {
        $told = $this->told($posterior);
        $faults = $this->faults($posterior);

        return array_map(
            fn (string $target, float $share): PartShare => new PartShare($target, $this->label($target), $share, $faults[$target]),
            array_map(strval(...), array_keys($told)),
            $told,
        );
    }

    /**
     * What there may be at once.
     *
     * @param  non-empty-list<float>  $posterior  by variant
     * @return list<Together> the most probable first
     */
    public function together(array $posterior): array
    {
        $together = [];
        foreach ($this->predictor->suspects as $suspect) {
            $share = array_sum(array_map(static fn (int $v): float => $posterior[$v], $suspect->variants));
            if (count($suspect->causes) > 1 && $share >= self::AT_ONCE) {
                $together[] = new Together($suspect->label(), $share);
            }
        }
        usort($together, static fn (Together $a, Together $b): int => $b->probability <=> $a->probability);

        return $together;
    }

    /**
     * What is told no more after each piece of evidence, and was before it.
     *
     * @param  non-empty-list<non-empty-list<float>>  $along  weights by variant, before any evidence and after each piece
     * @return list<list<string>> by piece, by their names, what was most probable first
     */
    public function cleared(array $along): array
    {
        $told = array_map($this->told(...), $along);
        $cleared = [];
        foreach (array_slice($told, 1) as $n => $after) {
            $gone = array_map(strval(...), array_keys(array_diff_key($told[$n], $after)));
            $cleared[] = array_map($this->label(...), $gone);
        }

        return $cleared;
    }

    /**
     * @param  non-empty-list<float>  $posterior
     * @return array<string, float> those that are told, the most probable first
     */
    private function told(array $posterior): array
    {
        return array_filter($this->shares($posterior), static fn (float $share): bool => $share >= self::TOLD);
    }

    /**
     * @param  non-empty-list<float>  $posterior
     * @return array<string, float> by part or wire, the most probable first
     */
    private function shares(array $posterior): array
    {
        $shares = [];
        foreach ($this->predictor->variants as $v => $faults) {
            foreach ($faults->targets() as $target) {
                $shares[$target] = ($shares[$target] ?? 0.0) + $posterior[$v];
            }
        }
        arsort($shares);

        return $shares;
    }

    /**
     * @param  non-empty-list<float>  $posterior
     * @return array<string, list<string>> by part or wire, the most probable first
     */
    private function faults(array $posterior): array
    {
        $shares = [];
        foreach ($this->predictor->suspects as $suspect) {
            foreach ($suspect->causes as $fault) {
                $label = $fault->mode->label.($suspect->comesAndGoes ? ', comes and goes' : '');
                foreach ($suspect->variants as $v) {
                    $shares[$fault->target][$label] = ($shares[$fault->target][$label] ?? 0.0) + $posterior[$v];
                }
            }
        }

        return array_map(static function (array $of): array {
            arsort($of);
            $least = self::BESIDE * max($of);

            return array_map(strval(...), array_keys(array_filter($of, static fn (float $share): bool => $share >= $least)));
        }, $shares);
    }

    private function label(string $target): string
    {
        return ucfirst(Spot::target($this->predictor->settler->model->circuit, $target));
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Suspects taken together by the part or wire they sit in. */
final readonly class PartShares
{
    /** Less than this is not told. */
    private const TOLD = 0.005;

    public function __construct(private Predictor $predictor)
    {
    }

    /**
     * @param  non-empty-list<float>  $posterior  by variant
     * @return list<PartShare> most probable first
     */
    public function of(array $posterior): array
    {
        $shares = [];
        foreach ($this->predictor->variants as $v => $faults) {
            foreach ($faults->targets() as $target) {
                $shares[$target] = ($shares[$target] ?? 0.0) + $posterior[$v];
            }
        }
        arsort($shares);
        $told = array_filter($shares, static fn (float $share): bool => $share >= self::TOLD);
        $circuit = $this->predictor->settler->model->circuit;

        return array_map(
            static fn (string $target, float $share): PartShare => new PartShare($target, ucfirst(Spot::target($circuit, $target)), $share),
            array_map(strval(...), array_keys($told)),
            $told,
        );
    }
}

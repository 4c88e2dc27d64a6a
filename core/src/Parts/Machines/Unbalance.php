<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/** How far three voltages, or three currents, are from equal. */
final class Unbalance
{
    /**
     * 100 × the largest deviation from the mean ÷ the mean: NEMA MG 1, 14.36 (from memory).
     *
     * @param  non-empty-list<float>  $values
     * @return float percent; zero when there is nothing to be unbalanced
     */
    public static function percent(array $values): float
    {
        $mean = array_sum($values) / count($values);

        return $mean == 0.0 ? 0.0 : 100 * max(array_map(static fn (float $v): float => abs($v - $mean), $values)) / $mean;
    }
}

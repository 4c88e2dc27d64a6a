<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** The normal distribution. */
final class Normal
{
    /** Share of it below so many standard deviations (Abramowitz and Stegun 7.1.26, to 1e-7; from memory). */
    public static function below(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $tail = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429)))) * exp(-$x * $x) / 2;

        return $z < 0.0 ? $tail : 1 - $tail;
    }
}

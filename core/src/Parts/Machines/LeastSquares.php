<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/**
 * The parameters that come nearest to what several equations ask for together: Levenberg and Marquardt's damped least squares
 * (D. W. Marquardt, "An Algorithm for Least-Squares Estimation of Nonlinear Parameters", J. SIAM 11, 1963; from memory).
 */
final readonly class LeastSquares
{
    private const STEP = 1e-5;

    private const ROUNDS = 60;

    /** A round that gains less than this share of what is left ends the search. */
    private const GAIN = 1e-7;

    /** @param  \Closure(non-empty-list<float>): non-empty-list<float>  $residuals  what each equation misses by, each in its own measure */
    public function __construct(private \Closure $residuals)
    {
    }

    /**
     * @param  non-empty-list<float>  $start
     * @return non-empty-list<float>
     */
    public function nearest(array $start): array
    {
        $x = $start;
        $missed = ($this->residuals)($x);
        $damping = 1e-2;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$normal, $right] = $this->normalEquations($x, $missed);
            $before = self::size($missed);
            do {
                $next = self::moved($x, self::solved(self::damped($normal, $damping), $right));
                $misses = ($this->residuals)($next);
                $better = self::size($misses) < $before;
                $damping *= $better ? 0.3 : 4.0;
            } while (! $better && $damping < 1e8);
            if (! $better) {
                return $x;
            }
            [$x, $missed] = [$next, $misses];
            if ($before - self::size($missed) < self::GAIN * $before) {
                return $x;
            }
        }

        return $x;
    }

    /**
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<float>  $missed
     * @return array{non-empty-list<non-empty-list<float>>, non-empty-list<float>} JᵀJ and −Jᵀr
     */
    private function normalEquations(array $x, array $missed): array
    {
        $slopes = [];
        foreach (array_keys($x) as $i) {
            $aside = array_map(static fn (float $v, int $n): float => $n === $i ? $v + self::STEP : $v, $x, array_keys($x));
            $slopes[] = array_map(static fn (float $a, float $b): float => ($a - $b) / self::STEP, ($this->residuals)($aside), $missed);
        }

        return [
            array_map(static fn (array $a): array => array_map(static fn (array $b): float => self::dot($a, $b), $slopes), $slopes),
            array_map(static fn (array $a): float => -self::dot($a, $missed), $slopes),
        ];
    }

    /**
     * @param  non-empty-list<non-empty-list<float>>  $matrix
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function damped(array $matrix, float $damping): array
    {
        foreach ($matrix as $i => $row) {
            $matrix[$i][$i] = $row[$i] * (1 + $damping) + 1e-12;
        }

        return $matrix;
    }

    /**
     * Gauss's elimination; the matrix is symmetric and positive, so no row is exchanged.
     *
     * @param  non-empty-list<non-empty-list<float>>  $a
     * @param  non-empty-list<float>  $b
     * @return non-empty-list<float>
     */
    private static function solved(array $a, array $b): array
    {
        $n = count($b);
        for ($k = 0; $k < $n; $k++) {
            for ($i = $k + 1; $i < $n; $i++) {
                $factor = $a[$i][$k] / $a[$k][$k];
                for ($j = $k; $j < $n; $j++) {
                    $a[$i][$j] -= $factor * $a[$k][$j];
                }
                $b[$i] -= $factor * $b[$k];
            }
        }
        for ($k = $n - 1; $k >= 0; $k--) {
            for ($j = $k + 1; $j < $n; $j++) {
                $b[$k] -= $a[$k][$j] * $b[$j];
            }
            $b[$k] /= $a[$k][$k];
        }

        return array_values($b);
    }

    /**
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<float>  $by
     * @return non-empty-list<float>
     */
    private static function moved(array $x, array $by): array
    {
        // parameters are logarithms: no step changes one more than e-fold
        return array_map(static fn (float $a, float $b): float => $a + max(-1.0, min(1.0, $b)), $x, $by);
    }

    /** @param  non-empty-list<float>  $missed */
    private static function size(array $missed): float
    {
        return self::dot($missed, $missed);
    }

    /**
     * @param  non-empty-list<float>  $a
     * @param  non-empty-list<float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn (float $p, float $q): float => $p * $q, $a, $b));
    }
}

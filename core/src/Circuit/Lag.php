<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/** A first-order lag: x(t) = x∞ + (x₀ − x∞)·exp(−t/τ). */
final readonly class Lag
{
    /**
     * @param  float  $target  x∞
     * @param  float  $seconds  τ, more than nothing
     */
    public function __construct(public float $target, public float $seconds)
    {
    }

    /** Where it is some seconds on. */
    public function after(float $from, float $seconds): float
    {
        return $this->target + ($from - $this->target) * exp(-$seconds / $this->seconds);
    }

    /** Seconds until it is at a level on its way; infinite when the level does not lie ahead of it. */
    public function reaches(float $from, float $level): float
    {
        $way = $this->target - $from;
        $share = $way == 0.0 ? 0.0 : ($level - $from) / $way;

        return $share <= 0.0 || $share >= 1.0 ? INF : -$this->seconds * log(1.0 - $share);
    }
}

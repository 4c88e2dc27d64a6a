<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Drifts;

use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Level;

/**
 * A body with little heat in it inside one with much, as a winding in the shell of its motor:
 *
 *     w' = (q − (w − s))/τ        s' = ((w − s)·r − s)/T
 *
 * with q what heats the inner one, as the rise over the shell it comes to, and r how much of that rise the shell comes to have
 * over the air. Two exponentials, written out [physics: two thermal bodies in series].
 */
final readonly class TwoBodies extends Drift
{
    /** Rates of the two exponentials, the slow one first, 1/s; both negative. */
    private float $slow;

    private float $fast;

    /**
     * @param  float  $heat  q
     * @param  float  $inner  τ, seconds
     * @param  float  $outer  T, seconds
     * @param  float  $share  r
     * @param  float  $threshold  of the inner body
     * @param  bool  $rising  whether it acts above the threshold or below it
     */
    public function __construct(
        private float $heat,
        private float $inner,
        private float $outer,
        private float $share,
        private float $threshold,
        private bool $rising,
        string $next,
    ) {
        parent::__construct($next);
        $sum = 1 / $inner + (1 + $share) / $outer;
        $root = sqrt($sum ** 2 - 4 / ($inner * $outer));
        $this->fast = -($sum + $root) / 2;
        $this->slow = 1 / ($inner * $outer) / $this->fast;
    }

    #[\Override]
    public function after(Level $level, float $seconds): Level
    {
        [$slow, $fast] = $this->amplitudes($level);
        [$a, $b] = [$slow * exp($this->slow * $seconds), $fast * exp($this->fast * $seconds)];
        $lag = fn (float $rate): float => 1 + $this->inner * $rate;

        return new Level($this->finally() + $a + $b, $this->heat * $this->share + $a * $lag($this->slow) + $b * $lag($this->fast));
    }

    #[\Override]
    public function reaches(Level $level, float $within = INF): float
    {
        $short = fn (float $t): float => ($this->rising ? 1.0 : -1.0) * ($this->threshold - $this->after($level, $t)->own);
        if ($short(0.0) <= 0.0) {
            return 0.0;
        }
        // the inner body may pass the threshold on its way, at its one turning point, and end on this side of it again
        $late = min($within, 60.0 / -$this->slow);
        $turn = $this->turns($level);
        $turn = $turn < $late ? $turn : 0.0;
        $by = match (true) {
            $turn > 0.0 && $short($turn) < 0.0 => $turn,
            $short($late) < 0.0 => $late,
            default => INF,
        };
        if ($by === INF) {
            return INF;
        }
        $early = $by === $late && $turn > 0.0 ? $turn : 0.0;
        for ($i = 0; $i < 60; $i++) {
            $middle = ($early + $by) / 2;
            $short($middle) > 0.0 ? $early = $middle : $by = $middle;
        }

        return $by;
    }

    #[\Override]
    public function left(Level $level): Level
    {
        return new Level($this->threshold, $level->around);
    }

    private function finally(): float
    {
        return $this->heat * (1 + $this->share);
    }

    /** @return array{float, float} of the slow and the fast exponential in the inner body */
    private function amplitudes(Level $level): array
    {
        $off = $level->own - $this->finally();
        $slope = ($this->heat - ($level->own - $level->around)) / $this->inner;
        $slow = ($slope - $this->fast * $off) / ($this->slow - $this->fast);

        return [$slow, $off - $slow];
    }

    /** Seconds to where the inner body turns round; not above nothing when it does not. */
    private function turns(Level $level): float
    {
        [$slow, $fast] = $this->amplitudes($level);
        $ratio = $slow == 0.0 ? 0.0 : -$fast * $this->fast / ($slow * $this->slow);

        return $ratio <= 0.0 ? 0.0 : log($ratio) / ($this->slow - $this->fast);
    }
}

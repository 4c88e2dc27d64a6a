<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Lag;

/**
 * The slow variable of a part, its level, as it moves now: heat in an overload or a fuse, run time counted by a timer.
 *
 * A first-order lag towards a target, or with no lag given a steady rate. When it passes the threshold the part changes state.
 */
final readonly class Drift
{
    private function __construct(
        private ?Lag $lag,
        private float $threshold,
        private bool $rising,
        public string $next,
        private bool $startsOver = false,
    ) {
    }

    /**
     * @param  float  $lag  time constant, seconds
     * @param  bool  $startsOver  what warms next is another body, cold: the next fuse of three
     */
    public static function warmingTo(float $target, float $lag, float $threshold, string $next, bool $startsOver = false): self
    {
        return new self(new Lag($target, $lag), $threshold, true, $next, $startsOver);
    }

    /** @param  float  $lag  time constant, seconds */
    public static function coolingTo(float $target, float $lag, float $threshold, string $next): self
    {
        return new self(new Lag($target, $lag), $threshold, false, $next);
    }

    /** A count of seconds. */
    public static function counting(float $threshold, string $next): self
    {
        return new self(null, $threshold, true, $next, true);
    }

    /** Where the level stands once the threshold has been passed: a count starts over, heat stays. */
    public function left(): float
    {
        return $this->startsOver ? 0.0 : $this->threshold;
    }

    /** The level some seconds on. */
    public function after(float $level, float $seconds): float
    {
        return $this->lag === null ? $level + $seconds : $this->lag->after($level, $seconds);
    }

    /** Seconds until the threshold is reached from a level; infinite when never. */
    public function reaches(float $level): float
    {
        if ($this->lag === null) {
            return max(0.0, $this->threshold - $level);
        }
        if ($this->rising ? $this->lag->target <= $this->threshold : $this->lag->target >= $this->threshold) {
            return INF;
        }

        return ($this->rising ? $level >= $this->threshold : $level <= $this->threshold)
            ? 0.0
            : $this->lag->reaches($level, $this->threshold);
    }
}

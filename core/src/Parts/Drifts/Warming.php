<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Drifts;

use Levin\Core\Circuit\Lag;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Level;

/** A first-order body that warms towards a target and acts at one: a fuse, a bimetal, a coil. */
final readonly class Warming extends Drift
{
    private const ACTS_AT = 1.0;

    private Lag $lag;

    /**
     * @param  float  $target  as a share of what makes it act
     * @param  float  $lag  time constant, seconds
     * @param  bool  $startsOver  what warms next is another body, cold: the next fuse of three
     */
    public function __construct(float $target, float $lag, string $next, private bool $startsOver = false)
    {
        parent::__construct($next);
        $this->lag = new Lag($target, $lag);
    }

    #[\Override]
    public function after(Level $level, float $seconds): Level
    {
        return new Level($this->lag->after($level->own, $seconds));
    }

    #[\Override]
    public function reaches(Level $level, float $within = INF): float
    {
        return match (true) {
            $this->lag->target <= self::ACTS_AT => INF,
            $level->own >= self::ACTS_AT => 0.0,
            default => $this->lag->reaches($level->own, self::ACTS_AT),
        };
    }

    #[\Override]
    public function left(Level $level): Level
    {
        return new Level($this->startsOver ? 0.0 : self::ACTS_AT);
    }
}

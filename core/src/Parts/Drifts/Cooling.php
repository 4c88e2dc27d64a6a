<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Drifts;

use Levin\Core\Circuit\Lag;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Level;

/** A first-order body that cools and closes again at its reset level. */
final readonly class Cooling extends Drift
{
    private Lag $lag;

    /**
     * @param  float  $lag  time constant, seconds
     * @param  float  $resets  the level at which it acts
     */
    public function __construct(float $lag, private float $resets, string $next)
    {
        parent::__construct($next);
        $this->lag = new Lag(0.0, $lag);
    }

    #[\Override]
    public function after(Level $level, float $seconds): Level
    {
        return new Level($this->lag->after($level->own, $seconds));
    }

    #[\Override]
    public function reaches(Level $level, float $within = INF): float
    {
        return $level->own <= $this->resets ? 0.0 : $this->lag->reaches($level->own, $this->resets);
    }

    #[\Override]
    public function left(Level $level): Level
    {
        return new Level($this->resets);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Drifts;

use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Level;

/** A count of seconds, which starts over once it has been reached. */
final readonly class Counting extends Drift
{
    public function __construct(private float $seconds, string $next)
    {
        parent::__construct($next);
    }

    #[\Override]
    public function after(Level $level, float $seconds): Level
    {
        return new Level($level->own + $seconds);
    }

    #[\Override]
    public function reaches(Level $level, float $within = INF): float
    {
        return max(0.0, $this->seconds - $level->own);
    }

    #[\Override]
    public function left(Level $level): Level
    {
        return new Level;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** How the level of a part moves now. When it passes its threshold the part changes state. */
abstract readonly class Drift
{
    /** @param  string  $next  the state once the threshold is passed */
    public function __construct(public string $next)
    {
    }

    /** The level some seconds on. */
    abstract public function after(Level $level, float $seconds): Level;

    /** Seconds until the threshold is reached from a level; infinite when never, or not within so many that it matters. */
    abstract public function reaches(Level $level, float $within = INF): float;

    /** Where the level stands once the threshold has been passed, from where it is as that happens. */
    abstract public function left(Level $level): Level;
}

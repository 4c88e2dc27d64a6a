<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** A change that comes by itself if all stays as it is: a timer that has started. */
final readonly class Pending
{
    /** @param  float  $after  seconds from when it started */
    public function __construct(public string $next, public float $after)
    {
    }
}

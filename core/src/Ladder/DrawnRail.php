<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A rail: a point drawn as a vertical. */
final readonly class DrawnRail
{
    public function __construct(public string $point, public float $x, public float $y1, public float $y2)
    {
    }
}

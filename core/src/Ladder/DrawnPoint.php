<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A point as a dot. */
final readonly class DrawnPoint
{
    public function __construct(public string $point, public float $x, public float $y)
    {
    }
}

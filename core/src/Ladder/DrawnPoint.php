<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A point as a dot, or as the end of a line that goes on elsewhere. */
final readonly class DrawnPoint
{
    /** @param  bool  $flag  whether it is drawn elsewhere, and only named here */
    public function __construct(public string $point, public float $x, public float $y, public bool $flag)
    {
    }
}

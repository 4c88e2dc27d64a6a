<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Operation\Energy;

/** How a point stands. */
final readonly class PointState
{
    private function __construct(public string $point, public Energy $energy)
    {
    }

    public static function of(string $point, Energy $energy): self
    {
        return new self($point, $energy);
    }
}

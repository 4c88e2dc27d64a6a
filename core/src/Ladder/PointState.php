<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Operation\Energy;

/** How a point stands. */
final readonly class PointState
{
    public function __construct(public string $point, public Energy $energy)
    {
    }
}

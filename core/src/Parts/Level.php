<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * Where the slow variable of a part stands: heat as a share of what makes it act, or seconds counted.
 *
 * A part that warms another body around it, as a winding its motor's shell, has that body's heat beside its own.
 */
final readonly class Level
{
    public function __construct(public float $own = 0.0, public float $around = 0.0)
    {
    }
}

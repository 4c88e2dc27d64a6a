<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/** Where parts sit, and how long it takes to get at them. */
final readonly class Place
{
    /** @param  float  $minutes from anywhere else in the unit, covers included */
    public function __construct(public string $id, public string $label, public float $minutes)
    {
    }
}

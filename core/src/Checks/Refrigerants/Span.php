<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** From one number to another, both within it. */
final readonly class Span
{
    public function __construct(public float $from, public float $to)
    {
    }

    public function holds(float $value): bool
    {
        return $value >= $this->from && $value <= $this->to;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Between what a quantity may be found for a share of the time. */
final readonly class Span
{
    public float $low;

    public float $high;

    public function __construct(float $one, float $other, public float $share)
    {
        [$this->low, $this->high] = [min($one, $other), max($one, $other)];
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }

    /** Of a value that lies evenly between the two, with so much spread about it. */
    public function density(float $value, float $sigma): float
    {
        return $this->high - $this->low < 0.1 * $sigma
            ? exp(-0.5 * (($value - $this->middle()) / $sigma) ** 2) / ($sigma * sqrt(2 * M_PI))
            : (Normal::below(($value - $this->low) / $sigma) - Normal::below(($value - $this->high) / $sigma)) / ($this->high - $this->low);
    }

    public function isWithin(float $value, float $margin): bool
    {
        return $value >= $this->low - $margin && $value <= $this->high + $margin;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Between what a reading is expected on its scale, and how far about that. */
final readonly class Expected
{
    public function __construct(private Span $span, private float $sigma)
    {
    }

    /** Of a reading that is there. */
    public function density(float $x): float
    {
        return $this->span->density($x, $this->sigma);
    }

    /** Whether a reading is no further from it than so many standard deviations. */
    public function isWithin(float $x, float $sigmas): bool
    {
        return $this->span->isWithin($x, $sigmas * $this->sigma);
    }
}

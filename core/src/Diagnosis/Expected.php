<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Between what a reading is expected on its scale, and how far about that. */
final readonly class Expected
{
    /** Further off, in standard deviations, it is not read: less often than one in ten to the eighteen. [normal distribution] */
    private const NEVER = 9.0;

    private float $least;

    private float $most;

    public function __construct(private Span $span, private float $sigma)
    {
        $this->least = $span->low - self::NEVER * $sigma;
        $this->most = $span->high + self::NEVER * $sigma;
    }

    /** Of a reading that is there. */
    public function density(float $x): float
    {
        return $x < $this->least || $x > $this->most ? 0.0 : $this->span->density($x, $this->sigma);
    }

    /** Whether a reading is no further from it than so many standard deviations. */
    public function isWithin(float $x, float $sigmas): bool
    {
        return $this->span->isWithin($x, $sigmas * $this->sigma);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** The figure of a check that is watched from visit to visit, and what of it would be news. */
final readonly class Watched
{
    /**
     * @param  string  $figure  its label
     * @param  float  $factor  times the earlier value; under one where it is news that it falls
     */
    private function __construct(public string $figure, private float $factor, public Source $source)
    {
    }

    /** News when it has come down to this share of what it was. */
    public static function falling(string $figure, float $share, Source $source): self
    {
        return new self($figure, $share, $source);
    }

    /** News when it has gone up to so many times what it was. */
    public static function rising(string $figure, float $times, Source $source): self
    {
        return new self($figure, $times, $source);
    }

    public function isFalling(): bool
    {
        return $this->factor < 1.0;
    }

    public function words(): string
    {
        return sprintf('News when it %s %g times what it was.', $this->isFalling() ? 'comes down to' : 'goes up to', $this->factor);
    }

    public function isNews(float $was, float $is): bool
    {
        return $this->isFalling() ? $is <= $this->factor * $was : $was > 0.0 && $is >= $this->factor * $was;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Network;

/**
 * A complex number: an impedance in ohms, an admittance in siemens, or an r.m.s. phasor in volts or amperes.
 */
final readonly class Complex
{
    public function __construct(public float $re, public float $im = 0.0)
    {
    }

    public function plus(self $b): self
    {
        return new self($this->re + $b->re, $this->im + $b->im);
    }

    public function minus(self $b): self
    {
        return new self($this->re - $b->re, $this->im - $b->im);
    }

    public function times(self $b): self
    {
        return new self($this->re * $b->re - $this->im * $b->im, $this->re * $b->im + $this->im * $b->re);
    }

    public function scaled(float $factor): self
    {
        return new self($this->re * $factor, $this->im * $factor);
    }

    /** @throws \DivisionByZeroError when b is zero */
    public function over(self $b): self
    {
        return $this->times($b->inverse());
    }

    /** @throws \DivisionByZeroError when this is zero */
    public function inverse(): self
    {
        $square = $this->re * $this->re + $this->im * $this->im;
        if ($square == 0.0) {
            throw new \DivisionByZeroError('The inverse of zero.');
        }

        return new self($this->re / $square, -$this->im / $square);
    }

    public function abs(): float
    {
        return hypot($this->re, $this->im);
    }
}

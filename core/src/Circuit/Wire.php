<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * A conductor between two points. It has resistance, stray capacitance to earth, and can fail.
 *
 * It is lifted at its first end, and when it rubs through to ground it does so by its second: so lifting it parts the two.
 */
final readonly class Wire
{
    /**
     * @param  float  $length  metres
     * @param  string  $bundle  the cable or harness it lies in; empty when it lies by itself
     */
    public function __construct(
        public string $id,
        public string $from,
        public string $to,
        public string $colour,
        public WireGauge $gauge,
        public float $length,
        public string $case,
        public ?int $line = null,
        public string $bundle = '',
    ) {
    }

    /** Ohms, end to end. */
    public function resistance(): float
    {
        return max(1e-4, $this->gauge->ohmsPerMetre() * $this->length);
    }

    public function joins(string $point): bool
    {
        return $this->from === $point || $this->to === $point;
    }

    /** The same wire landed elsewhere. */
    public function between(string $from, string $to): self
    {
        return new self($this->id, $from, $to, $this->colour, $this->gauge, $this->length, $this->case, $this->line, $this->bundle);
    }

    /** The same wire beside other metal. */
    public function rubbingOn(string $case): self
    {
        return new self($this->id, $this->from, $this->to, $this->colour, $this->gauge, $this->length, $case, $this->line, $this->bundle);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a meter would show under one suspect. */
final class Prediction
{
    /** Where it lies on the scale of its function: asked for at every comparison. */
    private ?Expected $expected = null;

    /** @var array{self, self}|null */
    private ?array $decades = null;

    /**
     * @param  float|null  $value  SI; null for OL
     * @param  bool  $isGhost  on a conductor that hangs by stray capacitance: it says little, its spread is decades wide
     * @param  float|null  $low  of what it may be or the range around this level would show, SI; null where it stands for itself
     */
    public function __construct(
        public readonly ?float $value,
        public readonly bool $isGhost = false,
        public readonly ?float $low = null,
        public readonly ?float $high = null,
    ) {
    }

    /**
     * Where readings of it are expected.
     *
     * @param  Scale  $scale  the same whenever it is asked
     * @param  float  $value  its own
     */
    public function expected(Scale $scale, float $value): Expected
    {
        return $this->expected ??= new Expected(
            new Span($scale->at($this->low ?? $value), $scale->at($this->high ?? $value), 1.0),
            $scale->sigma($value),
        );
    }

    /** @return array{self, self} what is shown of it by one who is a decade off */
    public function decades(): array
    {
        $own = $this->value ?? 0.0;

        return $this->decades ??= [new self(10 * $own), new self($own / 10)];
    }

    /** How far it may lie off, upwards. */
    public function sway(): float
    {
        return $this->high === null || $this->value === null ? 0.0 : $this->high - $this->value;
    }

    /** The same, or so much more or less. */
    public function within(float $sway): self
    {
        return $this->value === null ? $this : new self(
            $this->value,
            $this->isGhost,
            max(0.0, ($this->low ?? $this->value) - $sway),
            ($this->high ?? $this->value) + $sway,
        );
    }

    /** The same for a range of levels that this one stands for, besides the range it has. */
    public function between(float $one, float $other): self
    {
        $own = $this->value ?? $one;
        [$low, $high] = [$this->low ?? $own, $this->high ?? $own];

        return new self($this->value, $this->isGhost, min($one, $other, $low), max($one, $other, $high));
    }
}

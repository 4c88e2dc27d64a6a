<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Parts\Fault;
use Levin\Core\Parts\Sign;

/**
 * What the evidence is weighed for: nothing wrong, a fault at one level or at several that stand for its range, two faults at once, one
 * that comes and goes, or a unit that is not wired as it is drawn.
 */
final readonly class Suspect
{
    /** Levels with less than this share of a suspect are not told. */
    private const LIKELY = 0.05;

    /**
     * @param  list<Fault>  $causes  none for a unit with nothing wrong
     * @param  non-empty-list<int>  $variants  numbers of what it may look like, from slight to bad
     * @param  list<float>  $levels  how bad it is in each of them; none where it has no degrees
     * @param  float  $weight  how often it is so, against the others
     * @param  bool  $isMiswired  whether the unit is another one than the drawing's
     */
    public function __construct(
        public array $causes,
        public array $variants,
        private array $levels,
        public float $weight,
        public bool $comesAndGoes = false,
        public bool $isMiswired = false,
    ) {
    }

    /** Whether it is that nothing is wrong. */
    public function isHealthy(): bool
    {
        return $this->causes === [] && ! $this->isMiswired;
    }

    /** The one fault that it is, when it is one that is there to stay. */
    public function single(): ?Fault
    {
        return count($this->causes) === 1 && ! $this->comesAndGoes ? $this->causes[0] : null;
    }

    /** Whether it is what a part does by itself when it gets too hot. */
    public function opensByHeat(): bool
    {
        return array_filter($this->causes, static fn (Fault $f): bool => $f->mode->signs === Sign::OVERHEATED) !== [];
    }

    public function label(): string
    {
        return $this->causes === []
            ? ($this->isMiswired ? 'Not wired as drawn, or the drawing of another unit' : 'Nothing wrong in this circuit')
            : implode(' and ', array_map(static fn (Fault $f): string => $f->label, $this->causes))
                .($this->comesAndGoes ? ', comes and goes' : '');
    }

    /** @return list<string> its faults' ids; none for a unit with nothing wrong */
    public function ids(): array
    {
        return array_map(static fn (Fault $f): string => $f->id(), $this->causes);
    }

    /** @return list<float> so many levels between one of its own and the next one, each by the same ratio from the one before */
    public function levelsBetween(int $n, int $many): array
    {
        $ratio = ($this->levels[$n + 1] / $this->levels[$n]) ** (1 / ($many + 1));

        return array_map(fn (int $step): float => $this->levels[$n] * $ratio ** $step, range(1, $many));
    }

    /**
     * How bad it is, when the evidence says so.
     *
     * @param  non-empty-list<float>  $posterior  by variant
     */
    public function howBad(array $posterior): string
    {
        $mode = $this->single()?->mode;
        $weights = array_map(static fn (int $v): float => $posterior[$v], $this->variants);
        $sum = array_sum($weights);
        $likely = array_keys(array_filter($weights, static fn (float $w): bool => $w >= self::LIKELY * $sum));
        if ($mode === null || $this->levels === [] || $sum <= 0.0 || count($likely) === count($this->levels)) {
            return '';
        }

        return $mode->about($this->levels[$likely[0]], $this->levels[$likely[count($likely) - 1]]);
    }
}

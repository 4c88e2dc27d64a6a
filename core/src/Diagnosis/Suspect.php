<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Parts\Fault;

/** One cause that the evidence is weighed for: nothing wrong, or a fault, at one level or at several that stand for its range. */
final readonly class Suspect
{
    /** Levels with less than this share of a suspect are not told. */
    private const LIKELY = 0.05;

    /**
     * @param  Fault|null  $fault  null for a unit with nothing wrong
     * @param  non-empty-list<int>  $variants  numbers of what it may look like, from slight to bad
     */
    public function __construct(public ?Fault $fault, public array $variants)
    {
    }

    public function label(): string
    {
        return $this->fault->label ?? 'Nothing wrong in this circuit';
    }

    /** @return list<string> its fault's id; none for a unit with nothing wrong */
    public function ids(): array
    {
        return $this->fault === null ? [] : [$this->fault->id()];
    }

    /**
     * How bad it is, when the evidence says so.
     *
     * @param  non-empty-list<float>  $posterior  by variant
     */
    public function howBad(array $posterior): string
    {
        $levels = $this->fault->mode->levels ?? [];
        $weights = array_map(static fn (int $v): float => $posterior[$v], $this->variants);
        $sum = array_sum($weights);
        $likely = array_keys(array_filter($weights, static fn (float $w): bool => $w >= self::LIKELY * $sum));
        if ($levels === [] || $sum <= 0.0 || count($likely) === count($levels)) {
            return '';
        }
        $level = static fn (int $n): string => sprintf('%.3g', $levels[$likely[$n]] ?? 0.0);
        $range = count($likely) === 1 ? $level(0) : $level(0).' to '.$level(count($likely) - 1);

        return ", about $range {$this->fault?->mode->amountUnit}";
    }

    public function weight(float $nothingWrong): float
    {
        return $this->fault->mode->weight ?? $nothingWrong;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Windings;

use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** Windings that should be alike, against their mean and against what the meter can tell. */
final readonly class Balance
{
    /** Off the mean by more is doubtful, and by more is bad. [practice, no published source] */
    private const USUAL = [0.05, 0.1];

    /** The same of a shop that is stricter. [practice, no published source] */
    private const STRICTER = [0.03, 0.05];

    private float $doubtful;

    private float $bad;

    /** Ω. */
    public float $mean;

    /** What the meter may be off by, Ω. */
    public float $error;

    /** Share of the mean by which the worst is off it. */
    public float $most;

    /** Which that is. */
    public string $odd;

    /**
     * @param  non-empty-array<string, float>  $ohms  by name, what the meter's leads have taken off
     * @param  string  $alike  a choice of `Habit::AlikeWindings`
     */
    public function __construct(array $ohms, private string $alike)
    {
        [$this->doubtful, $this->bad] = $alike === Habit::TWENTIETH ? self::STRICTER : self::USUAL;
        $mean = array_sum($ohms) / count($ohms);
        $off = array_map(static fn (float $read): float => $mean > 0.0 ? abs($read - $mean) / $mean : 0.0, $ohms);
        arsort($off);
        $this->mean = $mean;
        $this->error = max(array_map(Spec::of(MeterFunction::Ohms)->error(...), $ohms));
        $this->odd = (string) array_key_first($off);
        $this->most = max($off);
    }

    /** Whether the meter may be off by all that it reads. */
    public function isTooLow(): bool
    {
        return $this->mean <= $this->error;
    }

    public function isBad(): bool
    {
        return $this->isOffBy($this->bad);
    }

    public function isDoubtful(): bool
    {
        return $this->isOffBy($this->doubtful);
    }

    /** Whether the meter may be off by more than what is doubtful. */
    public function isBelowMeter(): bool
    {
        return $this->error > $this->doubtful * $this->mean;
    }

    /** @return list<Figure> */
    public function figures(): array
    {
        return [
            new Figure('mean', Dimension::Resistance, $this->mean),
            new Figure('unbalance', Dimension::Share, $this->most),
            new Figure('the meter may be off by', Dimension::Resistance, $this->error),
        ];
    }

    public function limit(): Limit
    {
        return new Limit("Off the mean: $this->alike.", Source::practice());
    }

    private function isOffBy(float $share): bool
    {
        return $this->most > $share && $this->most * $this->mean > $this->error;
    }
}

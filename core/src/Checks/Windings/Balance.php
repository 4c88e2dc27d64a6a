<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Windings;

use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** Windings that should be alike, against their mean and against what the meter can tell. */
final readonly class Balance
{
    /** Off the mean by more is doubtful, and by more is bad. [practice, no published source] */
    private const DOUBTFUL = 0.05;

    private const BAD = 0.1;

    /** Ω. */
    public float $mean;

    /** What the meter may be off by, Ω. */
    public float $error;

    /** Share of the mean by which the worst is off it. */
    public float $most;

    /** Which that is. */
    public string $odd;

    /** @param  non-empty-array<string, float>  $ohms  by name, what the meter's leads have taken off */
    public function __construct(array $ohms)
    {
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
        return $this->isOffBy(self::BAD);
    }

    public function isDoubtful(): bool
    {
        return $this->isOffBy(self::DOUBTFUL);
    }

    /** Whether the meter may be off by more than what is doubtful. */
    public function isBelowMeter(): bool
    {
        return $this->error > self::DOUBTFUL * $this->mean;
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

    public static function limit(): Limit
    {
        return new Limit('Over 5 % off the mean is doubtful, over 10 % bad.', Source::practice());
    }

    private function isOffBy(float $share): bool
    {
        return $this->most > $share && $this->most * $this->mean > $this->error;
    }
}

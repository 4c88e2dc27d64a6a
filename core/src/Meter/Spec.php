<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/**
 * Ranges and accuracy of an ordinary 6000-count service multimeter, a clamp and an insulation tester of 4000 counts. [practice, no
 * published source]
 */
final class Spec
{
    /** @var array<string, self> made once, asked for at every comparison */
    private static array $made = [];

    /** @var array<array-key, float> one count, by range */
    private array $resolutions = [];

    /**
     * @param  list<float>  $ranges  full scale, in the unit of the function, smallest first; above the last it reads OL
     * @param  float  $percent  of the reading
     * @param  int  $digits  counts of the last place
     * @param  int  $counts  that the display has on a range; a range of 1000 on one of 6000 counts shows whole units
     */
    private function __construct(
        public readonly array $ranges,
        public readonly float $percent,
        public readonly int $digits,
        private readonly int $counts = 6000,
    ) {
    }

    public static function of(MeterFunction $function): self
    {
        return self::$made[$function->value] ??= match ($function) {
            MeterFunction::VoltsAc => new self([6, 60, 600, 1000], 1.0, 3),
            MeterFunction::VoltsAcLowZ => new self([600, 1000], 2.0, 3),
            MeterFunction::VoltsDc => new self([0.6, 6, 60, 600, 1000], 0.5, 2),
            MeterFunction::Ohms => new self([600, 6e3, 60e3, 600e3, 6e6, 60e6], 0.9, 2),
            MeterFunction::Continuity => new self([600], 0.9, 2),
            MeterFunction::Amps => new self([60, 600], 2.0, 5),
            MeterFunction::Megohms => new self([4e6, 40e6, 400e6, 4e9], 3.0, 5, 4000),
            MeterFunction::MicroampsDc => new self([600e-6, 6e-3], 1.0, 3),
            MeterFunction::Capacitance => new self([6e-6, 60e-6, 600e-6, 6e-3], 1.9, 2),
        };
    }

    /** The range an autoranging meter takes, or null when the value is over them all. */
    public function rangeFor(float $value): ?float
    {
        foreach ($this->ranges as $range) {
            if (abs($value) <= $range) {
                return $range;
            }
        }

        return null;
    }

    /** One count on a range. */
    public function resolution(float $range): float
    {
        return $this->resolutions[(string) $range] ??= (float) 10 ** ceil(log10($range / $this->counts) - 1e-9);
    }

    /** The largest error the maker allows at a reading. */
    public function error(float $value): float
    {
        return abs($value) * $this->percent / 100 + $this->digits * $this->resolution(
            $this->rangeFor($value) ?? $this->ranges[count($this->ranges) - 1],
        );
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** How far a run capacitor may be off what it is marked: the one rule, wherever one is judged. */
final readonly class Tolerance
{
    /** Off by more than this factor is the meter or the unit before it is the part. [practice, no published source] */
    private const ORDER = 5.0;

    /** Less than this share of the mark is nothing: one thousandth would be nanofarads. [practice, no published source] */
    private const NOTHING = 5e-4;

    /** A reading this near a power of ten times the mark is a decimal misread. [practice, no published source] */
    private const DECIMAL = 0.2;

    /** @param  float  $share  of the mark, either way */
    private function __construct(public float $share, private float $over, private Source $source)
    {
    }

    /** As marked: classes of IEC 60252-1 are 5, 10 and 15 %; 6 % is usual in North America. */
    public static function marked(float $share = 0.06): self
    {
        return new self($share, $share, Source::published('IEC 60252-1: tolerance classes; ±6 % is usual in North America'));
    }

    /** A shop that takes ten per cent off the mark and looks at nothing else. */
    public static function flat(): self
    {
        return new self(0.1, 0.1, Source::practice());
    }

    /**
     * @param  float|null  $farads  null for a meter over its range
     * @param  float  $error  farads that the reading may be off
     */
    public function verdict(?float $farads, float $marked, float $error): Verdict
    {
        if ($farads === null) {
            return Verdict::Bad;
        }
        if ($this->isMeterQuestion($farads, $marked)) {
            return Verdict::CannotSay;
        }
        $off = max($this->lowest($marked) - $farads, $farads - $this->highest($marked));

        return match (true) {
            $off > $error => Verdict::Bad,
            $off > -$error && $off > -$this->share * $marked / 4 => Verdict::Watch,
            default => Verdict::Good,
        };
    }

    /** Whether it is so far off that the decimal, the unit or the range is asked first. */
    public function isMeterQuestion(float $farads, float $marked): bool
    {
        $ratio = $farads / $marked;
        if ($ratio < self::NOTHING) {
            return false;
        }
        $decades = log10($ratio);

        return $ratio > self::ORDER || $decades < -0.5 && abs($decades - round($decades)) < log10(1 + self::DECIMAL);
    }

    public function lowest(float $marked): float
    {
        return (1 - $this->share) * $marked;
    }

    public function highest(float $marked): float
    {
        return (1 + $this->over) * $marked;
    }

    public function limit(float $marked): Limit
    {
        $unit = Dimension::Capacitance->usual();

        return new Limit(
            sprintf(
                '%s to %s, ±%g %% of what it is marked.',
                $unit->show($this->lowest($marked)),
                $unit->show($this->highest($marked)),
                100 * $this->share,
            ),
            $this->source,
        );
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Heat;

use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/**
 * The currents of three legs that feed three like elements, one between each two of them: √3 times an element's in each leg when all three
 * are on; with one out its own in two legs; with a leg lost one and a half times in the two that are left [physics].
 */
final readonly class DeltaLegs
{
    private const LEGS = ['L1', 'L2', 'L3'];

    /**
     * @param  array{float, float, float}  $amps  leg by leg
     * @param  float  $each  amperes of one element at the volts there
     * @param  float  $off  share of that by which it may be off
     */
    public function __construct(private array $amps, private float $each, private float $off)
    {
    }

    public function finding(): Finding
    {
        $figures = [new Figure('each leg should draw', Dimension::Current, sqrt(3.0) * $this->each)];
        $limit = new Limit(
            '√3 times an element\'s amperes in each leg of a delta; within 10 %.',
            Source::physics('three like loads in delta; the 10 % is common practice'),
        );
        foreach ($this->faults() as $words => [$legs, $verdict]) {
            if ($this->are($legs)) {
                return new Finding($verdict, $words, $figures, $limit);
            }
        }

        return new Finding(Verdict::Watch, 'Legs not as of three like elements.', $figures, $limit);
    }

    /** @return array<string, array{array<float>, Verdict}> what each leg draws, in an element's amperes, by what is so then */
    private function faults(): array
    {
        $all = array_fill(0, 3, sqrt(3.0));
        $faults = ['Each leg draws what it should.' => [$all, Verdict::Good], 'No leg draws anything.' => [[0.0, 0.0, 0.0], Verdict::Bad]];
        foreach (self::LEGS as $n => $leg) {
            $others = implode(' and ', array_diff(self::LEGS, [$leg]));
            $with = static fn (float $own, float $other): array => array_replace(array_fill(0, 3, $other), [$n => $own]);
            $faults["The element between $others is out."] = [$with(sqrt(3.0), 1.0), Verdict::Bad];
            $faults["$leg is lost."] = [$with(0.0, 1.5), Verdict::Bad];
            $faults["Only the element between $others is left."] = [$with(0.0, 1.0), Verdict::Bad];
        }

        return $faults;
    }

    /** @param  array<float>  $legs  in an element's amperes */
    private function are(array $legs): bool
    {
        foreach ($this->amps as $n => $read) {
            if (abs($read - $legs[$n] * $this->each) > $this->off * $this->each * max(1.0, $legs[$n])) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Running;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Bench\Watched;
use Levin\Core\Checks\Supply\Unbalance;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** What a motor draws as it runs, against its plate; and where three legs differ, whether the supply or the motor does it. */
final class RunningCurrent extends PartCheck
{
    /** Less than this share of its plate is a motor without its load. [practice, no published source] */
    private const IDLE = 0.5;

    /** Currents further apart than this are looked into, and than this are bad. [practice, no published source] */
    private const UNEVEN = 0.1;

    private const FAR_UNEVEN = 0.2;

    /** Off its rated volts by more than this share it does not draw what its plate says (NEMA MG 1, 12.44; from memory). */
    private const OFF_VOLTS = 0.1;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'running-current',
            title: 'Running current',
            how: 'Panels on, the unit settled for ten minutes: a clamp round one lead at a '
                .'time. Under two amperes, several turns through the jaw.',
            mistake: 'A clamp round two wires, or with the panel off: a fan in the open draws what it never does in its place.',
            caution: 'Live line voltage and moving parts. Route the lead out and close the panel before it runs.',
            leavesOut: 'A motor that runs hot at the right current: its air, its bearings, its winding to ground.',
            words: [
                'current', 'amps', 'fla', 'rla', 'overload', 'motor', 'compressor', 'unbalance', 'roll the leads', 'clamp', 'turns', 'hot',
            ],
            entries: [
                Entry::number('plate', 'plate, FLA or RLA', Dimension::Current),
                Entry::row('amps', 'read, lead by lead', Dimension::Current, true),
                Entry::maybe('turns', 'turns through the jaw', Dimension::Number),
                Entry::choice('panels', 'panels', ['on', 'off']),
                Entry::maybe('factor', 'service factor, on the plate', Dimension::Number),
                Entry::maybe('volts', 'volts there', Dimension::Voltage, true),
                Entry::maybe('rated', 'volts on the plate', Dimension::Voltage),
                Entry::row('rolled', 'the same legs, each lead moved on to the next', Dimension::Current, true),
            ],
            row: Row::of('supply', PieceShape::Winding, 'clamp', 'motor', 'amps'),
            watched: Watched::rising('most of them', 1.15, Source::practice()),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $turns = $given->maybe('turns') ?? 1.0;
        $legs = array_map(static fn (float $read): float => $read / $turns, $given->readings('amps'));

        return Judgement::ofAll(
            $legs === [] ? [] : [
                $this->level($given, max($legs), $turns),
                ...$this->volts($given),
                ...$this->evenness($given, $legs, $turns),
            ],
            'Current good',
            then: 'Note it with the weather: the next reading is held against it.',
            bad: 'Volts at its terminals while it runs; then what it turns: bearing, blade, belt, air; the winding last.',
            else: 'Close the panels, let it settle, and read every lead again.',
        );
    }

    private function level(Given $given, float $most, float $turns): Finding
    {
        $slack = Spec::of(MeterFunction::Amps)->error($turns * $most) / $turns;
        $plate = $given->number('plate');
        $factor = $given->maybe('factor') ?? 1.0;
        $figures = [new Figure('most of them', Dimension::Current, $most), new Figure('of its plate', Dimension::Share, $most / $plate)];
        $limit = new Limit(
            'At or under its plate with the panels on, give or take what a clamp may be off; up to its service factor for a while.',
            Source::plate(),
        );
        $idle = new Limit('Under half of its plate it turns without its load.', Source::practice());

        return match (true) {
            $given->word('panels') === 'off' => new Finding(
                Verdict::CannotSay,
                'With the panels off it says nothing of its load.',
                $figures,
                $limit,
            ),
            $most - $slack > $factor * $plate => new Finding(Verdict::Bad, 'Over its plate.', $figures, $limit),
            $most - $slack > $plate => new Finding(Verdict::Watch, 'In its service factor.', $figures, $limit),
            $most > $plate => new Finding(Verdict::Good, 'At its plate, within what the clamp may be off.', $figures, $limit),
            $most < self::IDLE * $plate => new Finding(
                Verdict::Watch,
                'Far under its plate: unloaded, a slipping belt or blade, no charge, or another voltage.',
                $figures,
                $idle,
            ),
            default => new Finding(Verdict::Good, 'Within its plate.', $figures, $limit),
        };
    }

    /** @return list<Finding> */
    private function volts(Given $given): array
    {
        [$volts, $rated] = [$given->maybe('volts'), $given->maybe('rated')];
        if ($volts === null || $rated === null) {
            return [];
        }
        $limit = new Limit('Within 10 % of the volts on its plate.', Source::published('NEMA MG 1, 12.44'));
        $figures = [new Figure('of its rated volts', Dimension::Share, $volts / $rated)];

        return [abs($volts - $rated) > self::OFF_VOLTS * $rated
            ? new Finding(
                Verdict::Bad,
                $volts < $rated ? 'Too little voltage: a loaded motor draws more on it.' : 'Too much voltage.',
                $figures,
                $limit,
            )
            : new Finding(Verdict::Good, 'Voltage right.', $figures, $limit)];
    }

    /**
     * @param  non-empty-list<float>  $legs
     * @return list<Finding>
     */
    private function evenness(Given $given, array $legs, float $turns): array
    {
        if (count($legs) !== 3) {
            return [];
        }
        $share = (new Unbalance(...$legs))->share;
        $figures = [new Figure('farthest from their mean', Dimension::Share, $share)];
        $limit = new Limit('Within 10 % of their mean; currents differ several times as much as the voltages.', Source::practice());
        $whose = $this->whose($legs, array_map(
            static fn (float $read): float => $read / $turns,
            $given->readings('rolled'),
        ));

        return match (true) {
            $share > self::FAR_UNEVEN => [new Finding(Verdict::Bad, 'Far uneven.', $figures, $limit), ...$whose],
            $share > self::UNEVEN => [new Finding(Verdict::Watch, 'Uneven: roll the leads.', $figures, $limit), ...$whose],
            default => [new Finding(Verdict::Good, 'Even.', $figures, $limit)],
        };
    }

    /**
     * How far three currents are from three others, each from the mean of its own.
     *
     * @param  array{float, float, float}  $ones
     * @param  array{float, float, float}  $others
     */
    private static function far(array $ones, array $others): float
    {
        $means = (array_sum($ones) - array_sum($others)) / 3;

        return sqrt(array_sum(array_map(static fn (float $a, float $b): float => ($a - $b - $means) ** 2, $ones, $others)));
    }

    /**
     * What stays with the leg comes from the supply, what goes with the lead from the motor.
     *
     * @param  non-empty-list<float>  $legs
     * @param  list<float>  $rolled
     * @return list<Finding>
     */
    private function whose(array $legs, array $rolled): array
    {
        if (count($legs) !== 3 || count($rolled) !== 3) {
            return [];
        }
        // every lead has gone on to the next leg
        $ofSupply = self::far($legs, $rolled);
        $ofMotor = self::far([$legs[2], $legs[0], $legs[1]], $rolled);
        $limit = new Limit('What stays with the leg is the supply\'s, what goes with the lead is the motor\'s.', Source::practice());

        return [match (true) {
            $ofMotor < 0.5 * $ofSupply => new Finding(Verdict::Bad, 'It went with the lead: the motor does it.', [], $limit),
            $ofSupply < 0.5 * $ofMotor => new Finding(Verdict::Watch, 'It stayed with the leg: the supply does it.', [], $limit),
            default => new Finding(Verdict::CannotSay, 'It did neither: read all six again.', [], $limit),
        }];
    }
}

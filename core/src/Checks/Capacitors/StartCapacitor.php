<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
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
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** A start capacitor, which is marked as a range, and the resistor across it. */
final class StartCapacitor extends PartCheck
{
    /** The resistor that is usual across it, and what is taken for one, ohms. [practice, no published source] */
    private const BLEED = [10e3, 20e3];

    /** Under load for longer than this it boils, s. [practice, no published source] */
    private const LONGEST = 3.0;

    /** Started more often in an hour it stays hot. [practice, no published source] */
    private const STARTS = 20.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'start-capacitor',
            title: 'Start capacitor',
            how: 'Off, discharged, its wires off, one end of the resistor across it off as well. Microfarads; then the resistor by itself.',
            mistake: 'Read with the resistor on: many meters then read too much, or nothing. A run capacitor put where a start one was.',
            caution: 'It can be charged with the power off, and burst. Discharge it through a resistor, and prove it, before you touch it.',
            leavesOut: 'What leaves it in circuit too long: the relay or the switch that should take it out.',
            words: [
                'capacitor', 'start capacitor', 'hard start', 'start gear', 'bleed', 'resistor', 'potential relay', '189-227', 'µf', 'mfd',
                'hums', 'does not start',
            ],
            entries: [
                Entry::number('low', 'marked from', Dimension::Capacitance),
                Entry::number('high', 'marked to', Dimension::Capacitance),
                Entry::maybe('read', 'read', Dimension::Capacitance, true),
                Entry::maybe('bleed', 'resistor across it, one end off', Dimension::Resistance, true),
                Entry::maybe('seconds', 'in circuit at each start', Dimension::Duration, true),
                Entry::maybe('starts', 'starts an hour', Dimension::Number),
                Entry::choice('looks', 'how it looks', [Looks::SOUND, 'blown out at its vent', 'cracked', 'leaking']),
            ],
            row: Row::of('one terminal', PieceShape::Capacitor, 'resistor lifted', 'the other', 'read'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        if ($given->number('low') >= $given->number('high')) {
            throw BadGiven::cannotBe('Its range goes from the smaller number to the larger one.', 'high');
        }

        return Judgement::ofAll(
            [
                ...Looks::of($given->word('looks')),
                ...$this->capacitance($given),
                ...$this->bleed($given),
                ...$this->use($given),
            ],
            'Start capacitor good',
            then: 'On to what takes it out: the relay\'s contact and coil, or the switch.',
            bad: 'Another one of the same range and no lower voltage; then see what takes it out, or it goes the same way.',
            else: 'Clean the terminals, and read it again with one end of the resistor off.',
        );
    }

    /** @return list<Finding> */
    private function capacitance(Given $given): array
    {
        if (! $given->has('read')) {
            return [];
        }
        [$low, $high, $read] = [$given->number('low'), $given->number('high'), $given->maybe('read')];
        $figures = [new Figure('read', Dimension::Capacitance, $read)];
        $limit = new Limit('Within the range that it is marked with.', Source::plate());
        $error = Spec::of(MeterFunction::Capacitance)->error($read ?? 0.0);

        return [match (true) {
            $read === null => new Finding(Verdict::Bad, 'Open, or over the range.', $figures, $limit),
            Tolerance::marked()->isMeterQuestion($read, sqrt($low * $high)) => new Finding(
                Verdict::CannotSay,
                'So far off its range that the meter, its unit or its decimal is asked first.',
                $figures,
                $limit,
            ),
            $read < $low - $error => new Finding(Verdict::Bad, 'Weak: under its range.', $figures, $limit),
            $read > $high + $error => new Finding(Verdict::Bad, 'Over its range.', $figures, $limit),
            $read < $low + $error || $read > $high - $error => new Finding(
                Verdict::Watch,
                'At the edge of its range, as near as the meter can tell.',
                $figures,
                $limit,
            ),
            default => new Finding(Verdict::Good, 'Within its range.', $figures, $limit),
        }];
    }

    /** @return list<Finding> */
    private function bleed(Given $given): array
    {
        if (! $given->has('bleed')) {
            return [];
        }
        $ohms = $given->maybe('bleed');
        $figures = [new Figure('resistor', Dimension::Resistance, $ohms)];
        $limit = new Limit('About 15 kΩ, two watts, so that it is empty before the next start.', Source::practice());

        return [match (true) {
            $ohms === null, $ohms > self::BLEED[1] => new Finding(
                Verdict::Watch,
                'Its resistor is open or too large: it stays charged, and its relay\'s contact welds on the next start.',
                $figures,
                $limit,
            ),
            $ohms < self::BLEED[0] => new Finding(Verdict::Watch, 'Its resistor is too small: it cooks.', $figures, $limit),
            default => new Finding(Verdict::Good, 'Its resistor is right.', $figures, $limit),
        }];
    }

    /** @return list<Finding> how it is used */
    private function use(Given $given): array
    {
        [$seconds, $starts] = [$given->maybe('seconds'), $given->maybe('starts')];
        $limit = new Limit('In circuit for seconds, twenty times an hour at the most.', Source::practice());
        $figures = [
            ...$seconds === null ? [] : [new Figure('in circuit', Dimension::Duration, $seconds)],
            ...$starts === null ? [] : [new Figure('starts an hour', Dimension::Number, $starts)],
        ];

        return match (true) {
            $seconds !== null && $seconds > self::LONGEST => [new Finding(
                Verdict::Bad,
                'It stays in circuit too long: it is what takes it out that is bad, and it will kill the next one too.',
                $figures,
                $limit,
            )],
            $starts !== null && $starts > self::STARTS => [
                new Finding(Verdict::Watch, 'Started too often: it stays hot.', $figures, $limit),
            ],
            $figures === [] => [],
            default => [new Finding(Verdict::Good, 'It is out again in time.', $figures, $limit)],
        };
    }
}

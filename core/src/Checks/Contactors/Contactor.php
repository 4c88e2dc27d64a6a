<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Contactors;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\Piece;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Post;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A contactor by its coil, what it pulls in and drops out at, and what its poles drop under load. */
final class Contactor extends PartCheck
{
    /** Of its rated volts a coil must hold in from, pull in by, and drop out under (IEC 60947-4-1; from memory). */
    private const PULLS_IN = 0.85;

    private const MOST = 1.1;

    private const DROPS_OUT = [0.2, 0.75];

    /** Volts over a closed pole under load: from here on it is worn, and from here on burnt. [practice, no published source] */
    private const POLE = [0.2, 0.5];

    /** The same of a shop that is stricter. [practice, no published source] */
    private const STRICTER = [0.1, 0.3];

    /** More starts an hour than this wear a contactor, and what it starts, before its time. [practice, no published source] */
    private const STARTS = 6.0;

    /** What a definite-purpose contactor lasts under load, starts. [practice, no published source] */
    private const LASTS = 200_000.0;

    /** Hours a year that a unit is called, about. [practice, no published source] */
    private const CALLED = 1500.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'contactor',
            title: 'Contactor',
            how: 'Pulled in and under load: volts at the coil, volts over each pole, amperes through them. Off: the coil\'s ohms.',
            mistake: 'Volts over a pole of a contactor that is not pulled in: that is the supply, and says nothing of the contact.',
            caution: 'Live line voltage over the poles. Never push the armature in by hand on a live unit.',
            leavesOut: 'A contact that is good for now and has burnt away; a pole that only sometimes stays in.',
            words: ['contactor', 'relay', 'coil', 'pole', 'contact', 'burnt', 'pitted', 'chatters', 'buzzes', 'welded', 'drop'],
            entries: [
                Entry::maybe('rated', 'coil, rated', Dimension::Voltage),
                Entry::maybe('coil', 'at the coil, pulled in', Dimension::Voltage, true),
                Entry::maybe('pulls_in', 'pulls in at', Dimension::Voltage),
                Entry::maybe('drops_out', 'drops out at', Dimension::Voltage, true),
                Entry::maybe('ohms', 'coil, off', Dimension::Resistance, true),
                Entry::row('poles', 'over each closed pole', Dimension::Voltage, true),
                Entry::maybe('amps', 'through them', Dimension::Current, true),
                Entry::maybe('starts', 'starts an hour', Dimension::Number, true),
                Entry::habit('worn', 'a worn contact', Habit::WornContact),
                Entry::choice('off', 'poles with the coil off', ['not read', 'all open', 'one closed']),
            ],
            row: new Row(
                [new Post('A1'), new Post('A2'), new Post('L'), new Post('T')],
                [
                    new Piece(PieceShape::Coil, 'coil', 'coil'),
                    new Piece(PieceShape::Gap, ''),
                    new Piece(PieceShape::Contact, 'each pole', 'poles'),
                ],
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        return Judgement::ofAll(
            [...$this->coil($given), ...$this->poles($given), ...$this->life($given)],
            'Contactor good',
            then: 'On to what it feeds.',
            bad: 'Replace it, and read what it feeds: what burnt it may still be there.',
            else: 'Volts over each pole while it carries its load; off and proved dead, a look at its contacts and its armature.',
        );
    }

    /** @return list<Finding> */
    private function coil(Given $given): array
    {
        $parts = [];
        if ($given->has('ohms')) {
            $whole = new Limit('A whole coil conducts, and has ohms.', Source::physics('a closed path'));
            $figures = [new Figure('coil, off', Dimension::Resistance, $given->maybe('ohms'))];
            $parts[] = match (true) {
                $given->isOver('ohms') => new Finding(Verdict::Bad, 'Coil open.', $figures, $whole),
                $given->number('ohms') < 0.5 => new Finding(Verdict::Bad, 'Coil shorted.', $figures, $whole),
                default => new Finding(Verdict::Good, 'Coil whole.', $figures, $whole),
            };
        }
        $rated = $given->maybe('rated');
        $norm = Source::published('IEC 60947-4-1');
        $coil = $given->maybe('coil');
        if ($rated !== null && $coil !== null) {
            $limit = new Limit('85 to 110 % of its rated volts at the coil.', $norm);
            $figures = [new Figure('at the coil', Dimension::Voltage, $coil), new Figure('of its rated', Dimension::Share, $coil / $rated)];
            $parts[] = match (true) {
                $coil < self::PULLS_IN * $rated => new Finding(
                    Verdict::Bad,
                    'Too little at the coil: it chatters, and burns.',
                    $figures,
                    $limit,
                ),
                $coil > self::MOST * $rated => new Finding(Verdict::Watch, 'Too much at the coil: it runs hot.', $figures, $limit),
                default => new Finding(Verdict::Good, 'Right at the coil.', $figures, $limit),
            };
        }
        $in = $given->maybe('pulls_in');
        if ($rated !== null && $in !== null) {
            $limit = new Limit('It pulls in at 85 % of its rated volts at the latest.', $norm);
            $figures = [new Figure('pulls in at', Dimension::Share, $in / $rated)];
            $parts[] = $in > self::PULLS_IN * $rated
                ? new Finding(Verdict::Bad, 'It pulls in too late.', $figures, $limit)
                : new Finding(Verdict::Good, 'It pulls in in time.', $figures, $limit);
        }
        $out = $given->maybe('drops_out');
        if ($rated !== null && $out !== null) {
            $limit = new Limit('It drops out between 20 and 75 % of its rated volts.', $norm);
            $figures = [new Figure('drops out at', Dimension::Share, $out / $rated)];
            $parts[] = match (true) {
                $out < self::DROPS_OUT[0] * $rated => new Finding(Verdict::Bad, 'It sticks: it drops out too late.', $figures, $limit),
                $out > self::DROPS_OUT[1] * $rated => new Finding(Verdict::Watch, 'It drops out too soon.', $figures, $limit),
                default => new Finding(Verdict::Good, 'It drops out in time.', $figures, $limit),
            };
        }

        return $parts;
    }

    /** @return list<Finding> */
    private function life(Given $given): array
    {
        $starts = $given->maybe('starts');
        if ($starts === null || $starts <= 0.0) {
            return [];
        }
        $limit = new Limit('Up to six starts an hour; some two hundred thousand in its life.', Source::practice());
        $figures = [new Figure('lasts, years of 1500 hours', Dimension::Number, self::LASTS / ($starts * self::CALLED))];

        return [$starts > self::STARTS
            ? new Finding(Verdict::Watch, 'It starts too often: find out why, before it is its contacts.', $figures, $limit)
            : new Finding(Verdict::Good, 'It starts as often as it may.', $figures, $limit)];
    }

    /** @return list<Finding> */
    private function poles(Given $given): array
    {
        [$worn, $burnt] = $given->word('worn') === Habit::THIRD_OF_A_VOLT ? self::STRICTER : self::POLE;
        $limit = new Limit("A closed pole under load: {$given->word('worn')}.", Source::practice());
        $parts = [];
        foreach ($given->readings('poles') as $n => $volts) {
            $pole = 'Pole '.($n + 1);
            $amps = $given->maybe('amps');
            // what is lost there heats it: V·I [physics]
            $figures = [
                new Figure("over $pole", Dimension::Voltage, $volts),
                ...$amps === null ? [] : [new Figure("lost in $pole", Dimension::Power, $volts * $amps)],
            ];
            $parts[] = match (true) {
                $volts >= $burnt => new Finding(Verdict::Bad, "$pole is burnt.", $figures, $limit),
                $volts >= $worn => new Finding(Verdict::Watch, "$pole is worn.", $figures, $limit),
                default => new Finding(Verdict::Good, "$pole is good.", $figures, $limit),
            };
        }
        $open = new Limit('With the coil off every pole is open.', Source::physics('what a contactor is for'));

        return match ($given->word('off')) {
            'one closed' => [...$parts, new Finding(Verdict::Bad, 'A pole is welded.', [], $open)],
            'all open' => [...$parts, new Finding(Verdict::Good, 'None is welded.', [], $open)],
            default => $parts,
        };
    }
}

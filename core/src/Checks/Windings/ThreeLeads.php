<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Windings;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
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
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Parts\Machines\Copper;
use Levin\Core\Units\Dimension;

/**
 * The run and start windings of a single-phase motor by its three leads, in any order.
 *
 * The two windings are in series between run and start: the largest pair leaves out common; of the others the larger is start, and both
 * add up to the largest.
 */
final class ThreeLeads extends PartCheck
{
    /** Ohms of a pair of meter leads that nobody has zeroed. [practice, no published source] */
    private const LEADS = 0.3;

    /** Off the maker's values by more than this share is no tolerance any more. [practice, no published source] */
    private const OFF = 0.1;

    /** °C of the maker's values where none is given. [practice, no published source] */
    private const MAKERS = 25.0;

    /** Between these a winding lies whose temperature nobody knows, from a cold roof to a motor that has just stopped, °C. [practice] */
    private const COLD = 0.0;

    private const HOT = 100.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'three-leads',
            title: 'Motor, three leads',
            how: 'Lift all three leads first. Ohms, lead to lead, in any order.',
            mistake: 'All open from one lead while the other two read: the overload inside, not a winding. Let it cool and read again.',
            caution: 'Power off and proved dead, the capacitor discharged. Never live under a compressor\'s terminal cover.',
            leavesOut: 'Weak insulation, which an ohmmeter does not find; a few shorted turns, where the maker\'s '
                .'values are not known; bearings.',
            words: [
                'motor', 'compressor', 'winding', 'common', 'run', 'start', 'ohms', 'overload', 'hums', 'psc', 'three leads',
                'single phase',
            ],
            entries: [
                Entry::word('a', 'first lead', 'A'),
                Entry::word('b', 'second lead', 'B'),
                Entry::word('c', 'third lead', 'C'),
                Entry::number('ab', 'first – second', Dimension::Resistance, true),
                Entry::number('bc', 'second – third', Dimension::Resistance, true),
                Entry::number('ac', 'first – third', Dimension::Resistance, true),
                Entry::maybe('ground', 'each lead to bare metal', Dimension::Resistance, true),
                Entry::maybe('leads', 'meter leads held together', Dimension::Resistance, true),
                Entry::maybe('run', 'maker\'s ohms, run', Dimension::Resistance),
                Entry::maybe('start', 'maker\'s ohms, start', Dimension::Resistance),
                Entry::maybe('temperature', 'temperature of the winding', Dimension::Temperature, true),
                Entry::maybe('maker_at', 'maker\'s values at', Dimension::Temperature, true),
                Entry::habit('good', 'a winding is good', Habit::GoodWinding),
            ],
            row: new Row(
                [new Post('a', entry: 'a'), new Post('b', entry: 'b'), new Post('c', entry: 'c')],
                [new Piece(PieceShape::Winding, '', 'ab'), new Piece(PieceShape::Winding, '', 'bc')],
                'first to third',
                'ac',
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $names = array_map($given->word(...), ['a' => 'a', 'b' => 'b', 'c' => 'c']);
        if (count(array_unique($names)) < 3) {
            throw BadGiven::cannotBe('Three leads have three names. Two of them are called the same.', 'b');
        }
        // each pair by the lead that it leaves out
        $pairs = ['c' => $given->maybe('ab'), 'a' => $given->maybe('bc'), 'b' => $given->maybe('ac')];
        $open = array_keys($pairs, null, true);
        $judgement = match (count($open)) {
            0 => $this->whole($given, $names, $pairs),
            1 => $this->contradiction($names[$open[0]]),
            2 => $this->oneLeadOpen($given, $names, array_values(array_diff(['a', 'b', 'c'], $open))[0], (float) max($pairs)),
            default => $this->allOpen(),
        };

        return (new ToGround($given))->with($judgement);
    }

    /**
     * @param  array{a: string, b: string, c: string}  $names
     * @param  array<string, float|null>  $pairs  by the lead that each leaves out
     */
    private function whole(Given $given, array $names, array $pairs): Judgement
    {
        $leads = $given->maybe('leads') ?? 0.0;
        $ohms = array_map(static fn (?float $read): float => max(0.0, (float) $read - $leads), $pairs);
        arsort($ohms);
        // start is the larger from common: the pair that leaves out run
        [$common, $run, $start] = array_map(static fn (string $lead): string => $names[$lead], array_keys($ohms));
        [$both, $larger, $smaller] = array_values($ohms);
        $unzeroed = $given->has('leads') ? 0.0 : self::LEADS;
        $slack = array_sum(array_map(Spec::of(MeterFunction::Ohms)->error(...), $ohms)) + $unzeroed;
        $least = Spec::of(MeterFunction::Ohms)->error($smaller) + $unzeroed;
        $figures = [
            new Figure("run, $common – $run", Dimension::Resistance, $smaller),
            new Figure("start, $common – $start", Dimension::Resistance, $larger),
            new Figure("$run – $start", Dimension::Resistance, $both),
            new Figure('run and start together', Dimension::Resistance, $larger + $smaller),
        ];
        [$verdict, $compared] = $this->compared($given, $smaller, $larger);
        $asksMaker = $given->word('good') === Habit::MAKERS;
        $odd = match (true) {
            $smaller <= $least && $given->maybe('run') <= $least => [
                Verdict::CannotSay,
                'Next to nothing',
                "$common – $run reads no more than the meter can be off: shorted, or the run winding of a large compressor.",
                'Read the leads held together and give that; find the maker\'s ohms; or read it on a milliohm meter.',
            ],
            abs($larger + $smaller - $both) <= $slack && $asksMaker && ! ($given->has('run') && $given->has('start')) => [
                Verdict::CannotSay,
                'They add up; the maker\'s ohms are missing',
                "$common is common, $run run, $start start, and both add up. The shop calls a winding good only by its maker's values.",
                'Find the maker\'s ohms for run and start, and give both.',
            ],
            abs($larger + $smaller - $both) <= $slack => null,
            abs($both - $larger) <= $slack => [
                Verdict::CannotSay,
                'Not wound as most are',
                'The two larger are alike: a 460 V fan motor whose start winding begins in the middle of its run winding '
                    .'reads so. If it is another motor, one of the three is a slip.',
                'Look for its diagram; hold all three against another one of the kind.',
            ],
            default => [
                Verdict::Watch,
                'The readings do not add up',
                'The two smaller must add up to the largest: something else is still joined to a lead, or one reading is a slip.',
                'Lift every lead, clean the terminals, and read all three again.',
            ],
        };
        $limits = [
            new Limit(
                'The two smaller add up to the largest, within what the meter and its leads can be off.',
                Source::physics('series circuit'),
            ),
            ...$compared === [] ? [] : [new Limit('The maker\'s values, copper at the same temperature.', Source::plate())],
        ];

        return $odd !== null ? new Judgement($odd[0], $odd[1], [$odd[2]], $figures, $limits, $odd[3]) : new Judgement(
            $verdict,
            $verdict === Verdict::Good ? 'Windings good' : 'Windings are not what the maker says',
            [ucfirst($common)." is common, $run run, $start start.", 'The two smaller add up to the largest.', ...$compared],
            $figures,
            $limits,
            $verdict === Verdict::Good
                ? 'Insulation at 500 V, then its capacitor and its current with the panel on.'
                : 'Read again with the winding cold and its temperature known, before anything is replaced.',
            self::row($run, $common, $start, $smaller, $larger, $both),
        );
    }

    /** From run by way of common to start, with what was read. */
    private static function row(string $run, string $common, string $start, float $ofRun, float $ofStart, float $both): Row
    {
        $ohms = static fn (float $value): string => Dimension::Resistance->usual()->show($value);

        return new Row(
            [new Post($run, 'run'), new Post($common, 'common'), new Post($start, 'start')],
            [new Piece(PieceShape::Winding, "run · {$ohms($ofRun)}"), new Piece(PieceShape::Winding, "start · {$ohms($ofStart)}")],
            sprintf('%s together, read %s', $ohms($ofRun + $ofStart), $ohms($both)),
        );
    }

    /** @return array{Verdict, list<string>} against the maker's values, where they are known */
    private function compared(Given $given, float $run, float $start): array
    {
        $verdict = Verdict::Good;
        $findings = [];
        foreach (['run' => $run, 'start' => $start] as $which => $ohms) {
            $maker = $given->maybe($which);
            if ($maker === null) {
                continue;
            }
            $warm = $given->maybe('temperature');
            [$least, $most] = array_map(
                static fn (float $celsius): float => Copper::at($maker, $given->maybe('maker_at') ?? self::MAKERS, $celsius),
                $warm === null ? [self::COLD, self::HOT] : [$warm, $warm],
            );
            $unread = Spec::of(MeterFunction::Ohms)->error($ohms) + ($given->has('leads') ? 0.0 : self::LEADS);
            $as = 'the maker says'.($warm === null ? ', at whatever temperature it has' : '');
            if ($ohms >= (1 - self::OFF) * $least - $unread && $ohms <= (1 + self::OFF) * $most + $unread) {
                $findings[] = ucfirst($which)." is as $as.";
            } else {
                $verdict = Verdict::Bad;
                $findings[] = ucfirst($which).' is '.($ohms < $least
                    ? "lower than $as: turns are shorted."
                    : "higher than $as: a joint in it is bad, or it is another motor's value.");
            }
        }

        return [$verdict, $findings];
    }

    private function contradiction(string $common): Judgement
    {
        return new Judgement(
            Verdict::CannotSay,
            'These readings cannot be',
            ["Two pairs read, by way of $common; so the third must read their sum, and it was open."],
            [],
            [new Limit('Two windings that share a lead are in series between their other ends.', Source::physics('series circuit'))],
            'Read the open pair again, probes on bare metal.',
        );
    }

    /**
     * @param  array{a: string, b: string, c: string}  $names
     * @param  string  $lead  that nothing reads from
     */
    private function oneLeadOpen(Given $given, array $names, string $lead, float $left): Judgement
    {
        $others = array_values(array_diff_key($names, [$lead => '']));
        $figures = [new Figure("$others[0] – $others[1]", Dimension::Resistance, $left)];
        [$run, $start] = [$given->maybe('run'), $given->maybe('start')];
        $near = static fn (?float $due): bool => $due !== null && abs($left - $due) <= self::OFF * $due + self::LEADS;
        $sum = $run !== null && $start !== null ? $run + $start : null;
        [$headline, $finding, $next] = match (true) {
            $near($sum) => [
                'The overload inside is open',
                "What is left is run and start together, so $names[$lead] is common: nothing passes its overload.",
                'Let it cool, with water if it must be soon, and read again; then find out what made it hot.',
            ],
            $near($start) => ['The run winding is open', "What is left is the start winding, so $names[$lead] is run.", 'Replace it.'],
            $near($run) => ['The start winding is open', "What is left is the run winding, so $names[$lead] is start.", 'Replace it.'],
            default => [
                "Open from $names[$lead]",
                "If $names[$lead] is common, the overload inside is open, or the lead; if not, that winding is.",
                'If the shell is hot, let it cool and read again; look for common on the label or the terminal cover.',
            ],
        };

        return new Judgement(
            $near($start) || $near($run) ? Verdict::Bad : Verdict::CannotSay,
            $headline,
            [$finding],
            $figures,
            [new Limit('Pairs by way of an open lead are open, the other one reads.', Source::physics('series circuit'))],
            $next,
        );
    }

    private function allOpen(): Judgement
    {
        return new Judgement(
            Verdict::Bad,
            'Every pair is open',
            ['Both windings, or their leads, are open.'],
            [],
            [new Limit('A whole winding conducts.', Source::physics('a closed path'))],
            'Read once more on the terminals themselves: a plug or a splice between may be what is open.',
        );
    }
}

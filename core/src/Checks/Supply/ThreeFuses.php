<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Supply;

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

/** Which of three fuses are open: by the volts before and behind them, and over each. */
final class ThreeFuses extends PartCheck
{
    /** Of the volts before the fuses, a pair behind them that has more is whole, and one that has less has nothing. [practice] */
    private const WHOLE = 0.9;

    private const NOTHING = 0.1;

    /** Over a whole fuse there is next to nothing; more than this share of the volts to ground, and it is open. [practice] */
    private const OVER = 0.05;

    /** Pairs by the leg that each leaves out. */
    private const PAIRS = ['L3' => 'l1l2', 'L1' => 'l2l3', 'L2' => 'l1l3'];

    private const FUSES = ['L1' => 'over1', 'L2' => 'over2', 'L3' => 'over3'];

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'three-fuses',
            title: 'Three fuses, or poles',
            how: 'Motors off. Volts between the legs before the fuses, then behind them; then over each fuse, from its line end to '
                .'its load end.',
            mistake: 'To ground behind an open fuse: what hangs between the legs feeds it back, and it reads as if it were whole.',
            caution: 'Live line voltage: qualified hands, rated leads and gloves. Pull a fuse on a dead disconnect only.',
            leavesOut: 'A fuse that opens only under load; nothing over a fuse can also mean that both its ends are dead.',
            words: [
                'fuse', 'fuses', 'three phase', 'two fuses of three', 'blown', 'single phasing', 'lost leg', 'back-feed', 'contactor pole',
                'disconnect', 'knife switch', 'phase loss',
            ],
            entries: [
                Entry::number('l1l2', 'before: L1 – L2', Dimension::Voltage, true),
                Entry::number('l2l3', 'before: L2 – L3', Dimension::Voltage, true),
                Entry::number('l1l3', 'before: L1 – L3', Dimension::Voltage, true),
                Entry::maybe('behind_l1l2', 'behind: L1 – L2', Dimension::Voltage, true),
                Entry::maybe('behind_l2l3', 'behind: L2 – L3', Dimension::Voltage, true),
                Entry::maybe('behind_l1l3', 'behind: L1 – L3', Dimension::Voltage, true),
                Entry::maybe('over1', 'over fuse 1', Dimension::Voltage, true),
                Entry::maybe('over2', 'over fuse 2', Dimension::Voltage, true),
                Entry::maybe('over3', 'over fuse 3', Dimension::Voltage, true),
                Entry::habit('set', 'one of a set blown', Habit::FuseOfASet),
            ],
            row: new Row(
                [new Post('line'), new Post('load'), new Post('load, next leg')],
                [new Piece(PieceShape::Fuse, '', 'over1'), new Piece(PieceShape::Gap, '', 'behind_l1l2')],
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $before = new Unbalance($given->number('l1l2'), $given->number('l2l3'), $given->number('l1l3'));
        if (! $this->isWhole($given, $before->mean)) {
            return Judgement::ofAll(
                [new Finding(Verdict::CannotSay, 'Before the fuses it is not whole: that comes first.', [
                    new Figure('mean before them', Dimension::Voltage, $before->mean),
                ], self::limit())],
                '',
                '',
                '',
                'Judge the supply before the fuses: the breaker, the disconnect, the utility.',
            );
        }

        return Judgement::ofAll(
            [...$this->behind($given, $before->mean), ...$this->over($given, $before->mean)],
            'Fuses whole',
            then: 'On to what is behind them, leg by leg.',
            bad: 'Look for what opened it before another goes in: ground, windings, a contact. Then '.$given->word('set')
                .', same class, size and volts. '.($given->word('set') === Habit::WHOLE_SET ? Habit::FuseOfASet->why() : ''),
            else: 'Read over each fuse, from its line end to its load end: what has volts over it is open.',
        );
    }

    private function isWhole(Given $given, float $mean): bool
    {
        return $mean > 0.0
            && min($given->number('l1l2'), $given->number('l2l3'), $given->number('l1l3')) > self::WHOLE * $mean;
    }

    /** @return list<Finding> what the three pairs behind say, where all were read */
    private function behind(Given $given, float $line): array
    {
        $pairs = array_map(static fn (string $pair): ?float => $given->maybe("behind_$pair"), self::PAIRS);
        if (in_array(null, $pairs, true)) {
            return [];
        }
        $whole = array_keys(array_filter($pairs, static fn (float $volts): bool => $volts > self::WHOLE * $line));
        $dead = array_keys(array_filter($pairs, static fn (float $volts): bool => $volts < self::NOTHING * $line));
        $figures = array_map(
            static fn (string $pair, float $volts): Figure => new Figure(
                'behind: '.strtoupper(implode(' – ', str_split($pair, 2))),
                Dimension::Voltage,
                $volts,
            ),
            self::PAIRS,
            $pairs,
        );
        [$verdict, $words] = match (true) {
            count($whole) === 3 => [Verdict::Good, 'All three pairs behind are whole.'],
            count($whole) === 1 => [Verdict::Bad, "The fuse of $whole[0] is open: only the pair without it is whole."],
            count($dead) === 1 => [
                Verdict::Bad,
                "Two are open: only the fuse of $dead[0] is whole, as the pair without it has nothing.",
            ],
            count($dead) === 3 => [Verdict::Bad, 'Two or all three are open: behind them no pair has anything.'],
            default => [Verdict::Watch, 'Behind them it is neither whole nor dead: something feeds back, or a contact burns.'],
        };

        return [new Finding($verdict, $words, $figures, self::limit())];
    }

    /** @return list<Finding> what is over each that was read */
    private function over(Given $given, float $line): array
    {
        $findings = [];
        foreach (self::FUSES as $leg => $entry) {
            $volts = $given->maybe($entry);
            if ($volts === null) {
                continue;
            }
            $isOpen = $volts > self::OVER * $line / sqrt(3);
            $findings[] = new Finding(
                $isOpen ? Verdict::Bad : Verdict::Good,
                $isOpen ? "There are volts over the fuse of $leg: it is open." : "There is nothing over the fuse of $leg.",
                [new Figure("over the fuse of $leg", Dimension::Voltage, $volts)],
                new Limit(
                    'Nothing over a whole fuse; volts over an open one, unless both its ends are fed alike.',
                    Source::physics('Ohm\'s law'),
                ),
            );
        }

        return $findings;
    }

    private static function limit(): Limit
    {
        return new Limit(
            'With one fuse open, only the pair without it is whole; with two open, the two dead legs have nothing between them.',
            Source::physics('what hangs between the legs feeds a dead one from a live one'),
        );
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Windings;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
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

/** Three phases of a motor or compressor by its three leads: they should be alike. */
final class ThreePhaseWindings extends PartCheck
{
    /** In a delta with one winding open the pair across it reads twice the others [physics]; told so within this share. */
    private const NEAR = 0.1;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'three-phase-windings',
            title: 'Motor, three phase',
            how: 'All leads off. Ohms between the three of them, the meter leads read first.',
            mistake: 'Some tenths of an ohm are in the leads and the clips: without them the three seem more alike than they are.',
            caution: 'Power off and proved dead at the motor itself. Never live under a compressor\'s terminal cover.',
            leavesOut: 'Weak insulation; a few shorted turns in a low-ohm winding, which only a bridge or the running current shows.',
            words: ['motor', 'compressor', 'winding', 'three phase', 'ohms', 'unbalance', 'wye', 'delta', 't1', 't2', 't3'],
            entries: [
                Entry::number('t1t2', 'T1 – T2', Dimension::Resistance, true),
                Entry::number('t2t3', 'T2 – T3', Dimension::Resistance, true),
                Entry::number('t1t3', 'T1 – T3', Dimension::Resistance, true),
                Entry::maybe('leads', 'meter leads held together', Dimension::Resistance, true),
                Entry::maybe('ground', 'each lead to bare metal', Dimension::Resistance, true),
                Entry::habit('alike', 'alike', Habit::AlikeWindings),
            ],
            row: new Row(
                [new Post('T1'), new Post('T2'), new Post('T3')],
                [new Piece(PieceShape::Winding, '', 't1t2'), new Piece(PieceShape::Winding, '', 't2t3')],
                'T1 – T3',
                't1t3',
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        // each pair by the lead that it leaves out
        $pairs = ['T3' => $given->maybe('t1t2'), 'T1' => $given->maybe('t2t3'), 'T2' => $given->maybe('t1t3')];
        $open = array_keys($pairs, null, true);
        $leads = $given->maybe('leads') ?? 0.0;
        $ohms = array_map(static fn (?float $read): float => max(0.0, ($read ?? 0.0) - $leads), $pairs);
        $judgement = match (count($open)) {
            0 => $this->whole($ohms, $given->word('alike')),
            1 => $this->apart(
                'Two pairs read and one is open, which neither wye nor delta can be.',
                Verdict::CannotSay,
                'These readings cannot be',
            ),
            2 => $this->apart(
                'Both pairs with '.array_values(array_diff(array_keys($pairs), $open))[0].' are open: its winding in a wye, or its lead.',
                Verdict::Bad,
                'A phase is open',
            ),
            default => $this->apart('Nothing reads from any lead to any other.', Verdict::Bad, 'Every pair is open'),
        };

        return (new ToGround($given))->with($judgement);
    }

    /**
     * @param  array{T3: float, T1: float, T2: float}  $ohms  by the lead that each pair leaves out
     * @param  string  $alike  what the shop calls alike
     */
    private function whole(array $ohms, string $alike): Judgement
    {
        $balance = new Balance($ohms, $alike);
        [$verdict, $headline, $finding, $next] = match (true) {
            $balance->isTooLow() => [
                Verdict::CannotSay, 'Too low for this meter', 'All three read no more than the meter can be off.',
                'Use a milliohm meter, or judge it by its three running currents.',
            ],
            $balance->isBad() => [
                Verdict::Bad, 'Windings are not alike', $this->which($ohms, $balance->odd),
                'Clean the terminals, read once more; then it is to be replaced.',
            ],
            $balance->isDoubtful() => [
                Verdict::Watch, 'Windings are hardly alike', $this->which($ohms, $balance->odd),
                'Read once more, and read its three running currents.',
            ],
            $balance->isBelowMeter() => [
                Verdict::CannotSay, 'Alike, as far as this meter tells', 'The meter can be off by more than the limit here.',
                'Judge it by its three running currents as well.',
            ],
            default => [Verdict::Good, 'Windings good', 'All three are alike.', 'Insulation at 500 V, then its three running currents.'],
        };

        return new Judgement($verdict, $headline, [$finding], $balance->figures(), [$balance->limit()], $next);
    }

    /**
     * Which it is: in a wye a bad winding is in two pairs, in a delta mostly in one.
     *
     * @param  array{T3: float, T1: float, T2: float}  $ohms
     * @param  string  $odd  the one that is furthest from the mean
     */
    private function which(array $ohms, string $odd): string
    {
        arsort($ohms);
        [$without] = array_keys($ohms);
        [$high, $middle, $low] = array_values($ohms);
        if (abs($high / 2 - $middle) < self::NEAR * $middle && abs($middle - $low) < self::NEAR * $middle) {
            return 'One pair reads twice the others: the winding between those two leads is open, in a delta.';
        }
        $between = implode(' and ', array_values(array_diff(['T1', 'T2', 'T3'], [$odd])));

        return $high - $middle > $middle - $low
            ? "The pair between $between stands out: in a delta the winding between them, in a wye the two others."
            : "The two pairs with $odd stand out: in a wye the winding of $odd.";
    }

    private function apart(string $finding, Verdict $verdict, string $headline): Judgement
    {
        return new Judgement(
            $verdict,
            $headline,
            [$finding],
            [],
            [new Limit('Wye or delta, three whole windings join every lead to every other.', Source::physics('series circuit'))],
            'Read once more on the terminals themselves; a hot motor\'s overload may be what is open.',
        );
    }
}

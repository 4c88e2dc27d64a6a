<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Windings;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
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

/**
 * A dual-voltage motor by its nine leads: wye or delta, each half of each phase, and how it is joined for its two voltages
 * (NEMA MG 1 part 2, terminal markings, from memory).
 */
final class NineLeads extends PartCheck
{
    private const LIMIT = 'In a wye three leads meet inside: T7, T8 and T9. In a delta three corners have three leads each.';

    /** Pairs that are one half of a phase, whichever it is. */
    private const HALVES = ['t1t4', 't2t5', 't3t6'];

    /** Pairs that meet inside a wye; they are open in a delta. */
    private const WYE = ['t7t8', 't8t9', 't7t9'];

    /** Pairs that are the other half of a corner of a delta; they are open in a wye. */
    private const DELTA = ['t1t9', 't2t7', 't3t8'];

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'nine-leads',
            title: 'Motor, nine leads',
            how: 'All nine apart and marked. Ohms of the three halves, then T7 to T8 and T1 to T9: one of the two reads, the other '
                .'is open.',
            mistake: 'Leads still joined two and two: every path then reads, and wye looks like delta.',
            caution: 'Power off and proved dead at the motor itself; tape each lead before power goes back.',
            leavesOut: 'Twelve leads; leads whose numbers are gone, which are found by a battery and a needle; weak insulation.',
            words: ['nine leads', '9 leads', 'dual voltage', '230/460', 'motor', 'three phase', 't1', 't4', 't7', 't9', 'wye', 'delta',
                'low voltage', 'high voltage', 'junction box'],
            entries: [
                ...array_map(self::half(...), self::HALVES),
                ...array_map(
                    static fn (string $pair): Entry => Entry::maybe($pair, self::between($pair, '–'), Dimension::Resistance, true),
                    [...self::WYE, ...self::DELTA],
                ),
                Entry::choice('supply', 'it is to be joined for', ['the lower voltage', 'the higher voltage']),
                Entry::maybe('leads', 'meter leads held together', Dimension::Resistance, true),
                Entry::maybe('ground', 'each lead to bare metal', Dimension::Resistance, true),
                Entry::habit('alike', 'alike', Habit::AlikeWindings),
            ],
            row: new Row(
                [new Post('T1'), new Post('T4'), new Post('T7'), new Post('inside')],
                [
                    new Piece(PieceShape::Winding, '', 't1t4'),
                    new Piece(PieceShape::Gap, ''),
                    new Piece(PieceShape::Winding, ''),
                ],
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        [$isWye, $isDelta] = [self::isJoined($given, self::WYE), self::isJoined($given, self::DELTA)];
        if ($isWye && $isDelta) {
            throw BadGiven::cannotBe('T7 to T8 reads, and T1 to T9 reads: leads are still joined. Take all nine apart.');
        }
        $lead = $given->maybe('leads') ?? 0.0;
        $judgement = Judgement::ofAll(
            [
                ...$this->opens($given, [...self::HALVES, ...$isWye ? self::WYE : [], ...$isDelta ? self::DELTA : []]),
                ...$this->balances($given, $lead, $isWye),
                self::connection($given->word('supply'), $isWye, $isDelta),
            ],
            'Windings good',
            then: 'Insulation at 500 V, each phase to the others as well while they are apart; then its three running currents.',
            bad: 'Clean the lugs and read once more; then it is to be rewound or replaced.',
            else: $isWye || $isDelta
                ? 'Hold the meter leads together and give what they read, or take a meter that reads milliohms.'
                : 'T7 to T8, T8 to T9, T1 to T9: then it is known how it is wound.',
        );

        return (new ToGround($given))->with($judgement);
    }

    private static function half(string $pair): Entry
    {
        return Entry::number($pair, self::between($pair, '–'), Dimension::Resistance, true);
    }

    /** The two leads of a pair, as one says them. */
    private static function between(string $pair, string $word): string
    {
        return strtoupper(implode(" $word ", str_split($pair, 2)));
    }

    /** @param  list<string>  $pairs */
    private static function isJoined(Given $given, array $pairs): bool
    {
        return array_filter($pairs, static fn (string $pair): bool => $given->maybe($pair) !== null) !== [];
    }

    /**
     * @param  list<string>  $pairs  that are joined by a winding
     * @return list<Finding> of those that no current goes through
     */
    private function opens(Given $given, array $pairs): array
    {
        $open = array_values(array_filter($pairs, $given->isOver(...)));

        return array_map(static fn (string $pair): Finding => new Finding(
            Verdict::Bad,
            self::between($pair, '–').' is open: a winding between them, or its lead.',
            [new Figure($pair, Dimension::Resistance, null)],
            self::wound(),
        ), $open);
    }

    /** @return list<Finding> whether the halves are alike */
    private function balances(Given $given, float $lead, bool $isWye): array
    {
        $read = static fn (string $pair): ?float => $given->maybe($pair) === null ? null : max(0.0, $given->maybe($pair) - $lead);
        $halves = array_filter(array_combine(self::HALVES, array_map($read, self::HALVES)), is_float(...));
        [$ab, $bc, $ac] = array_map($read, self::WYE);
        if ($isWye && $ab !== null && $bc !== null && $ac !== null) {
            // three that meet: each is half of the two pairs that it is in, less the one that it is not in
            $halves += ['t7' => ($ab + $ac - $bc) / 2, 't8' => ($ab + $bc - $ac) / 2, 't9' => ($bc + $ac - $ab) / 2];
        }
        $halves += array_filter(array_combine(self::DELTA, array_map($read, self::DELTA)), is_float(...));
        if (count($halves) < 2) {
            return [];
        }
        $balance = new Balance($halves, $given->word('alike'));
        $odd = self::between($balance->odd, '–');
        [$verdict, $words] = match (true) {
            $balance->isTooLow() => [Verdict::CannotSay, 'Too low for this meter.'],
            $balance->isBad() => [Verdict::Bad, "The half at $odd stands out."],
            $balance->isDoubtful() => [Verdict::Watch, "The half at $odd is hardly like the others."],
            $balance->isBelowMeter() => [Verdict::CannotSay, 'Alike, as far as this meter tells.'],
            default => [Verdict::Good, 'All that were read are alike.'],
        };

        return [new Finding($verdict, $words, $balance->figures(), $balance->limit())];
    }

    private static function connection(string $supply, bool $isWye, bool $isDelta): Finding
    {
        $isHigh = $supply === 'the higher voltage';
        $words = match (true) {
            ! $isWye && ! $isDelta => 'Wye or delta is not known yet.',
            $isHigh => ($isWye ? 'A wye' : 'A delta')
                .'. For the higher voltage: T4 with T7, T5 with T8, T6 with T9; the line on T1, T2, T3.',
            $isWye => 'A wye. For the lower voltage: the line on T1 with T7, T2 with T8, T3 with T9; T4, T5 and T6 together.',
            default => 'A delta. For the lower voltage: the line on T1 with T6 and T7, T2 with T4 and T8, T3 with T5 and T9.',
        };

        return new Finding($isWye || $isDelta ? Verdict::Good : Verdict::CannotSay, $words, [], self::wound());
    }

    private static function wound(): Limit
    {
        return new Limit(self::LIMIT, Source::published('NEMA MG 1 part 2, terminal markings of nine leads'));
    }
}

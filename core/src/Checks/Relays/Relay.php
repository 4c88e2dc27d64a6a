<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Relays;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
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

/** A relay on the bench, by its terminals: potential, current, time delay, sequencer, lockout, or a plain one. */
final class Relay extends PartCheck
{
    /** A closed contact has less, and an open one more, ohms. [practice, no published source] */
    private const CLOSED = 1.0;

    public const OPEN = 1e5;

    /** So much of the time on it a timer may be early or late. [practice, no published source] */
    private const OFF_TIME = 0.2;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'relay',
            title: 'Relay, start relay, sequencer',
            how: 'Out, or every wire off it: ohms of the coil, ohms of the contact at rest, and again with the coil made to act.',
            mistake: 'Read in the circuit: a motor\'s winding beside the contact reads as a closed one.',
            caution: 'Off and proved dead; a start capacitor beside it discharged. Live when the coil is made to act: hands off.',
            leavesOut: 'A contact that is closed and burnt: volts over it under load say that, as on a contactor.',
            words: [
                'relay', 'potential relay', 'start relay', 'current relay', 'time delay', 'sequencer', 'lockout', 'coil', 'contact', 'hums',
                'does not start', 'fan stays on',
            ],
            entries: [
                Entry::choice('sort', 'what it is', array_column(RelaySort::cases(), 'value')),
                Entry::maybe('coil', 'its coil or heater', Dimension::Resistance, true),
                Entry::maybe('rest', 'its contact at rest', Dimension::Resistance, true),
                Entry::maybe('acting', 'its contact, coil acting', Dimension::Resistance, true),
                Entry::maybe('time', 'time on it', Dimension::Duration),
                Entry::maybe('took', 'time it took', Dimension::Duration, true),
            ],
            row: new Row(
                [new Post('coil'), new Post('coil'), new Post('contact'), new Post('contact')],
                [
                    new Piece(PieceShape::Coil, '', 'coil'),
                    new Piece(PieceShape::Gap, ''),
                    new Piece(PieceShape::Contact, 'at rest', 'rest'),
                ],
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $sort = RelaySort::from($given->word('sort'));

        return Judgement::ofAll(
            [
                ...$this->coil($given, $sort),
                ...$this->contact($given, 'rest', $sort->isClosedAtRest(), 'At rest'),
                ...$this->contact($given, 'acting', ! $sort->isClosedAtRest(), 'Acting'),
                ...$this->time($given),
            ],
            'Relay good',
            then: $sort->moving(),
            bad: 'Another one of the same: coil volts, contact and its rating, and for a start relay its pick-up.',
            else: $sort->moving(),
        );
    }

    /** @return list<Finding> */
    private function coil(Given $given, RelaySort $sort): array
    {
        if (! $given->has('coil')) {
            return [];
        }
        $ohms = $given->maybe('coil');
        [$least, $most] = $sort->coil();
        $unit = Dimension::Resistance;
        $limit = new Limit(sprintf(
            'A coil of this sort has %s to %s; the maker\'s value where it is known.',
            $unit->fitting($least)->show($least),
            $unit->fitting($most)->show($most),
        ), Source::practice());
        $figures = [new Figure('coil', $unit, $ohms)];

        return [match (true) {
            $ohms === null => new Finding(Verdict::Bad, 'Its coil is open.', $figures, $limit),
            $ohms < $least => new Finding(Verdict::Bad, 'Its coil is shorted, or it is another sort of relay.', $figures, $limit),
            $ohms > $most => new Finding(
                Verdict::Watch,
                'More ohms than a coil of this sort: another sort, or a bad joint.',
                $figures,
                $limit,
            ),
            default => new Finding(Verdict::Good, 'Its coil is whole.', $figures, $limit),
        }];
    }

    /** @return list<Finding> */
    private function contact(Given $given, string $entry, bool $isClosed, string $when): array
    {
        if (! $given->has($entry)) {
            return [];
        }
        $ohms = $given->maybe($entry);
        $limit = new Limit('Closed next to nothing, open nothing at all.', Source::physics('what a contact is for'));
        $figures = [new Figure(mb_strtolower("contact, $when"), Dimension::Resistance, $ohms)];
        $isOpen = $ohms === null || $ohms > self::OPEN;

        return [match (true) {
            ! $isOpen && $ohms > self::CLOSED => new Finding(
                Verdict::Bad,
                "$when its contact has ohms of its own: burnt.",
                $figures,
                $limit,
            ),
            $isClosed && $isOpen => new Finding(Verdict::Bad, "$when its contact is open, and should be closed.", $figures, $limit),
            ! $isClosed && ! $isOpen => new Finding(
                Verdict::Bad,
                "$when its contact is closed, and should be open: welded.",
                $figures,
                $limit,
            ),
            default => new Finding(
                Verdict::Good,
                "$when its contact is ".($isClosed ? 'closed' : 'open').', as it should be.',
                $figures,
                $limit,
            ),
        }];
    }

    /** @return list<Finding> */
    private function time(Given $given): array
    {
        [$due, $took] = [$given->maybe('time'), $given->maybe('took')];
        if ($due === null || $took === null) {
            return [];
        }
        $limit = new Limit('Within a fifth of the time on it; the maker\'s tolerance where it is known.', Source::practice());
        $figures = [new Figure('it took', Dimension::Duration, $took), new Figure('of the time on it', Dimension::Share, $took / $due)];

        return [abs($took - $due) > self::OFF_TIME * $due
            ? new Finding(Verdict::Bad, $took < $due ? 'It is early.' : 'It is late.', $figures, $limit)
            : new Finding(Verdict::Good, 'It keeps its time.', $figures, $limit)];
    }
}

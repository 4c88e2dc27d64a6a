<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Gas;

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
use Levin\Core\Units\Dimension;

/** A flame rod by its current. */
final class FlameSignal extends PartCheck
{
    /** Least that a board needs, where it does not say, A: one microampere. [practice, no published source] */
    private const LEAST = 1e-6;

    /** Less than so many times that is a rod to clean before it fails. [practice, no published source] */
    private const RESERVE = 2.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'flame-signal',
            title: 'Flame current',
            how: 'Meter in series with the rod\'s wire, microamperes d.c., burner on for a minute.',
            mistake: 'Taken on a.c., or across instead of in series: both read next to nothing on a good flame.',
            caution: 'The wire is at line voltage from the board. Off before it is lifted; burner area hot.',
            leavesOut: 'A flame that lifts off only when it is hot; a board that sees a flame where there is none.',
            words: ['flame', 'flame rod', 'flame sensor', 'microamp', 'µa', 'lockout', 'drops out', 'rectification', 'igniter'],
            entries: [
                Entry::number('read', 'flame current', Dimension::FlameCurrent, true),
                Entry::maybe('least', 'least, on the board or in its sheet', Dimension::FlameCurrent),
            ],
            row: Row::of('board', PieceShape::Gap, 'µA d.c., in series', 'rod', 'read'),
            watched: Watched::falling('flame current', 0.6, Source::practice()),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $read = $given->number('read');
        $least = $given->maybe('least') ?? self::LEAST;
        $limit = new Limit(
            'Over what the board needs, and twice that for a reserve; about 1 µA where nothing is said.',
            $given->has('least') ? Source::plate() : Source::practice(),
        );
        $figures = [new Figure('flame current', Dimension::FlameCurrent, $read), new Figure('least', Dimension::FlameCurrent, $least)];

        return Judgement::ofAll(
            [match (true) {
                $read < $least => new Finding(Verdict::Bad, 'Too little: the board does not see its flame.', $figures, $limit),
                $read < self::RESERVE * $least => new Finding(Verdict::Watch, 'Little reserve.', $figures, $limit),
                default => new Finding(Verdict::Good, 'The board sees its flame.', $figures, $limit),
            }],
            'Flame current good',
            then: 'Note it: one that falls from visit to visit is a rod that coats.',
            bad: 'Steel wool on the rod, never sandpaper; the burner\'s ground and its '
                .'crossover next; then the flame itself, and the board.',
            else: 'Clean the rod now, and read again.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Air;

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
use Levin\Core\Checks\Bench\Watched;
use Levin\Core\Units\Dimension;

/** What a blower has to push against, and where it goes: filter, coil, ducts. */
final class ExternalStatic extends PartCheck
{
    /** Rated at this where nothing is said. [common for residential blowers, no published source] */
    private const USUAL = 124.544455;

    /** Over its rating by more than this factor a blower moves far less air, or far more current. [practice, no published source] */
    private const FAR_OVER = 1.2;

    /** What of the rating a filter, and a wet coil, may take. [practice, no published source] */
    private const FILTER = 0.2;

    private const COIL = 0.4;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'static-pressure',
            title: 'Static pressure',
            how: 'All doors on, blower at the speed of the mode. Probe after the filter '
                .'before the blower, and after the blower before the ducts.',
            mistake: 'A probe that points along the air reads its speed as well; taken with '
                .'the coil dry, which a wet one is half as much again.',
            caution: 'Do not drill where a coil, a wire or a heat exchanger may be behind it.',
            leavesOut: 'How the air is shared out between rooms; what the ducts leak.',
            words: ['static', 'external static', 'air flow', 'filter', 'coil', 'duct', 'blower', 'w.c.', 'noise'],
            entries: [
                Entry::number('supply', 'after the blower', Dimension::AirPressure, true),
                Entry::number('return', 'before the blower', Dimension::AirPressure, true),
                Entry::maybe('rated', 'rated, on the plate', Dimension::AirPressure),
                Entry::maybe('filter', 'over the filter', Dimension::AirPressure, true),
                Entry::maybe('coil', 'over the coil', Dimension::AirPressure, true),
                Entry::row('table_static', 'blower table, this speed: pressures', Dimension::AirPressure),
                Entry::row('table_flow', 'the flows beside them', Dimension::AirFlow),
            ],
            row: new Row(
                [new Post('return'), new Post('filter'), new Post('blower'), new Post('coil')],
                [
                    new Piece(PieceShape::Wire, '', 'return'),
                    new Piece(PieceShape::Wire, '', 'filter'),
                    new Piece(PieceShape::Wire, '', 'supply'),
                ],
            ),
            watched: Watched::rising('external static', 1.25, Source::practice()),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        // the return side pulls: whichever sign it was written with, both sides are the blower's work
        $total = abs($given->number('supply')) + abs($given->number('return'));
        $rated = $given->maybe('rated') ?? self::USUAL;
        $limit = new Limit(
            'No more than the blower is rated for; 0.5 in w.c. is usual where the plate says nothing.',
            $given->has('rated') ? Source::plate() : Source::practice(),
        );
        $figures = [
            new Figure('external static', Dimension::AirPressure, $total),
            new Figure('of its rating', Dimension::Share, $total / $rated),
        ];

        return Judgement::ofAll(
            [
                match (true) {
                    $total === 0.0 => new Finding(
                        Verdict::CannotSay,
                        'No pressure at all: the blower stands, or the probes are in the open.',
                        $figures,
                        $limit,
                    ),
                    $total > self::FAR_OVER * $rated => new Finding(
                        Verdict::Bad,
                        'Far over what the blower is rated for.',
                        $figures,
                        $limit,
                    ),
                    $total > $rated => new Finding(Verdict::Watch, 'Over what the blower is rated for.', $figures, $limit),
                    default => new Finding(Verdict::Good, 'Within what the blower is rated for.', $figures, $limit),
                },
                ...self::byTable($given, $total),
                ...self::drop($given, 'filter', 'The filter', self::FILTER * $rated),
                ...self::drop($given, 'coil', 'The coil', self::COIL * $rated),
            ],
            'Static pressure good',
            then: 'Rise or split next: the right pressure with the wrong speed is still the wrong air.',
            bad: 'Read over the filter and over the coil, then at the ends of the ducts: the largest drop comes first.',
            else: 'A clean filter in, and read again; then over the coil.',
        );
    }

    /** @return list<Finding> */
    private static function byTable(Given $given, float $total): array
    {
        $table = BlowerTable::of($given->readings('table_static'), $given->readings('table_flow'));
        $limit = new Limit('Straight from one row of its table to the next.', Source::plate());
        $flow = $table->flow($total);

        return match (true) {
            ! $given->has('table_static') => [],
            $flow === null => [new Finding(Verdict::CannotSay, 'Its table does not go so far: what it moves is not known.', [], $limit)],
            default => [new Finding(
                Verdict::Good,
                'So much air by its table.',
                [new Figure('air flow', Dimension::AirFlow, $flow)],
                $limit,
            )],
        };
    }

    /** @return list<Finding> */
    private static function drop(Given $given, string $entry, string $what, float $most): array
    {
        $read = $given->maybe($entry);
        if ($read === null) {
            return [];
        }
        $limit = new Limit('A filter takes about a fifth of it, a wet coil about two fifths.', Source::practice());
        $figures = [new Figure('over '.mb_strtolower($what), Dimension::AirPressure, abs($read))];

        return [abs($read) > $most
            ? new Finding(Verdict::Watch, "$what takes too much of it.", $figures, $limit)
            : new Finding(Verdict::Good, "$what takes its share.", $figures, $limit)];
    }
}

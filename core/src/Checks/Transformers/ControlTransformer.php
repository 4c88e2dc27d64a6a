<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Transformers;

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

/** A control transformer by its volts, its ohms, and what it carries. */
final class ControlTransformer extends PartCheck
{
    private const SECONDARY = 24.0;

    /** Open, at its rated primary, a 24 V secondary has so many volts. [practice, no published source] */
    private const OPEN = [24.0, 28.0];

    /** Loaded, no less than this share of 24 V: a relay for 24 V pulls in at 85 % (IEC 60947-4-1), less what the wires take. [practice] */
    private const LOADED = 0.9;

    /** Less than this a winding that is open, or a short, leaves, V. [practice, no published source] */
    private const NOTHING = 1.0;

    /** More of its rating than this is no reserve for what pulls in. [practice, no published source] */
    private const RESERVE = 0.8;

    /** A class 2 source may give so many VA (NEC chapter 9, table 11(A); from memory). */
    private const CLASS_2 = 100.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'transformer',
            title: 'Transformer, 24 V load',
            how: 'Volts into the primary and out of the secondary, first with its load off, then on; add up the VA of all it feeds.',
            mistake: 'A blown fuse or a tripped button in the secondary, taken for an open winding.',
            caution: 'The primary is at line voltage. Ohms only with both sides off and the load lifted.',
            leavesOut: 'A transformer that fails only when it is hot; which of its loads is shorted: lift them one half at a time.',
            words: ['transformer', 'va', '24 v', 'low voltage', 'class 2', 'secondary', 'primary', 'blown fuse', 'thermostat', 'relay'],
            entries: [
                Entry::maybe('primary', 'into the primary', Dimension::Voltage, true),
                Entry::maybe('rated', 'rated primary, the tap in use', Dimension::Voltage),
                Entry::maybe('open', 'out of the secondary, load off', Dimension::Voltage, true),
                Entry::maybe('loaded', 'the same, load on', Dimension::Voltage, true),
                Entry::maybe('primary_ohms', 'primary, off', Dimension::Resistance, true),
                Entry::maybe('secondary_ohms', 'secondary, off', Dimension::Resistance, true),
                Entry::maybe('va', 'VA on the plate', Dimension::ApparentPower),
                Entry::row('loads', 'VA of each thing it feeds', Dimension::ApparentPower),
            ],
            row: new Row(
                [new Post('H1'), new Post('H2'), new Post('X1'), new Post('X2')],
                [
                    new Piece(PieceShape::Winding, 'primary', 'primary'),
                    new Piece(PieceShape::Gap, 'no continuity'),
                    new Piece(PieceShape::Winding, 'secondary', 'loaded'),
                ],
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        return Judgement::ofAll(
            [...$this->ohms($given), ...$this->volts($given), ...$this->load($given)],
            'Transformer good',
            then: 'On to what it feeds.',
            bad: 'Find what overloaded it before another one goes in.',
            else: 'Volts into the primary, then out of the secondary; lift its loads one half at a time, and read after each.',
        );
    }

    /** @return list<Finding> */
    private function ohms(Given $given): array
    {
        $parts = [];
        $whole = new Limit('A whole winding conducts.', Source::physics('a closed path'));
        foreach (['primary_ohms' => 'Primary', 'secondary_ohms' => 'Secondary'] as $name => $side) {
            if ($given->has($name)) {
                $figure = new Figure("$side, off", Dimension::Resistance, $given->maybe($name));
                $parts[] = $given->isOver($name)
                    ? new Finding(Verdict::Bad, "$side open.", [$figure], $whole)
                    : new Finding(Verdict::Good, "$side whole.", [$figure], $whole);
            }
        }
        $isRead = $given->maybe('open') !== null || $given->maybe('loaded') !== null;

        return $parts === [] || $isRead
            ? $parts
            : [...$parts, new Finding(Verdict::CannotSay, 'Its windings conduct; whether it works, volts tell.', [], $whole)];
    }

    /** @return list<Finding> */
    private function volts(Given $given): array
    {
        $parts = [];
        $rated = $given->maybe('rated');
        $share = $rated === null ? 1.0 : ($given->maybe('primary') ?? $rated) / $rated;
        if ($given->maybe('primary') === 0.0) {
            return [new Finding(Verdict::CannotSay, 'Nothing into the primary: it is not the transformer yet.', [])];
        }
        $open = $given->maybe('open');
        if ($open !== null) {
            [$least, $most] = [self::OPEN[0] * $share, self::OPEN[1] * $share];
            $limit = new Limit('24 to 28 V with its load off, as the primary has its volts.', Source::practice());
            $figures = [
                new Figure('load off', Dimension::Voltage, $open),
                new Figure('should have at the least', Dimension::Voltage, $least),
            ];
            $parts[] = match (true) {
                $open === 0.0 => new Finding(Verdict::Bad, 'Nothing out of the secondary.', $figures, $limit),
                $open < $least => new Finding(Verdict::Watch, 'Low with its load off: the wrong tap, or turns shorted.', $figures, $limit),
                $open > $most => new Finding(Verdict::Watch, 'High with its load off: the wrong tap.', $figures, $limit),
                default => new Finding(Verdict::Good, 'Right with its load off.', $figures, $limit),
            };
        }
        $loaded = $given->maybe('loaded');
        if ($loaded !== null) {
            $limit = new Limit('No less than nine tenths of 24 V with its load on.', Source::practice());
            $figures = [new Figure('load on', Dimension::Voltage, $loaded)];
            $parts[] = match (true) {
                $loaded < self::NOTHING => new Finding(
                    Verdict::Bad,
                    'Nothing out of the secondary: open, or shorted behind it. With its load off it tells which.',
                    $figures,
                    $limit,
                ),
                $loaded < self::LOADED * self::SECONDARY * min(1.0, $share) => new Finding(
                    Verdict::Bad,
                    'Its load pulls it down.',
                    $figures,
                    $limit,
                ),
                default => new Finding(Verdict::Good, 'It holds its load.', $figures, $limit),
            };
        }

        return $parts;
    }

    /** @return list<Finding> */
    private function load(Given $given): array
    {
        $loads = $given->readings('loads');
        if ($loads === []) {
            return [];
        }
        $sum = array_sum($loads);
        $rating = $given->maybe('va');
        $figures = [
            new Figure('all that it feeds', Dimension::ApparentPower, $sum),
            ...$rating === null ? [] : [new Figure('of its rating', Dimension::Share, $sum / $rating)],
        ];
        $limit = $rating === null || $rating > self::CLASS_2
            ? new Limit('A class 2 source gives no more than 100 VA.', Source::published('NEC chapter 9, table 11(A)'))
            : new Limit('No more than its rating; four fifths of it leave a reserve.', Source::plate());

        return [match (true) {
            $rating !== null && $sum > $rating => new Finding(Verdict::Bad, 'It feeds more than its rating.', $figures, $limit),
            $sum > self::CLASS_2 => new Finding(
                Verdict::Watch,
                'More than a class 2 source may give: its circuit must be wired as class 1.',
                $figures,
                $limit,
            ),
            $rating !== null && $sum > self::RESERVE * $rating => new Finding(Verdict::Watch, 'It has no reserve left.', $figures, $limit),
            $rating === null => new Finding(Verdict::CannotSay, 'Its rating is not known.', $figures, $limit),
            default => new Finding(Verdict::Good, 'Its rating covers all that it feeds.', $figures, $limit),
        }];
    }
}

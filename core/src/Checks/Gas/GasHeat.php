<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Gas;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
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

/** A gas furnace by its manifold pressure and the rise over it. */
final class GasHeat extends PartCheck
{
    /** In the manifold, Pa: 3.5 in w.c. of natural gas, 10 of propane, where the plate says nothing. [practice, no published source] */
    private const MANIFOLD = ['natural gas' => 871.811185, 'propane' => 2490.8891];

    /** So far off it the burner is set again, Pa: 0.3 in w.c. [practice, no published source] */
    private const OFF = 74.726673;

    /** Into the valve, Pa: 4.5 to 10.5 in w.c. of natural gas, 11 to 13 of propane, where the plate says nothing. [practice] */
    private const INLET = ['natural gas' => [1120.900095, 2615.433555], 'propane' => [2739.97801, 3238.15583]];

    /** Supply air as near its limit as this is a limit about to open, K: 15 °F. [practice, no published source] */
    private const NEAR_LIMIT = 15 / 1.8;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'gas-heat',
            title: 'Gas heat: manifold and rise',
            how: 'Manometer on the valve\'s outlet tap, burner on for ten minutes, doors '
                .'on. Then air before and after, out of sight of the burner.',
            mistake: 'Pressure set with the burner off, or with the regulator\'s cap off that vents it.',
            caution: 'Gas: shut it off to put a gauge on, leak-check every tap afterwards. '
                .'Never bridge a limit, a roll-out or a pressure switch.',
            leavesOut: 'Combustion: oxygen, carbon monoxide and draft need their own analyser, and a licensed hand where the law says so.',
            words: ['gas', 'manifold', 'rise', 'limit', 'furnace', 'propane', 'natural gas', 'regulator', 'orifice', 'w.c.'],
            entries: [
                Entry::choice('gas', 'gas', ['natural gas', 'propane']),
                Entry::maybe('manifold', 'manifold', Dimension::AirPressure, true),
                Entry::maybe('due', 'manifold, on the plate', Dimension::AirPressure),
                Entry::maybe('inlet', 'into the valve, burner on', Dimension::AirPressure, true),
                Entry::maybe('supply', 'supply air', Dimension::Temperature, true),
                Entry::maybe('return', 'return air', Dimension::Temperature, true),
                Entry::maybe('least', 'rise on the plate, least', Dimension::TemperatureDifference),
                Entry::maybe('most', 'rise on the plate, most', Dimension::TemperatureDifference),
                Entry::maybe('limit', 'limit opens at', Dimension::Temperature),
            ],
            row: new Row(
                [new Post('supply line'), new Post('manifold'), new Post('burner')],
                [new Piece(PieceShape::Contact, 'gas valve', 'inlet'), new Piece(PieceShape::Wire, '', 'manifold')],
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        return Judgement::ofAll(
            [...$this->pressures($given), ...$this->rise($given)],
            'Gas heat good',
            then: 'Flame current and the blower\'s own current next; a combustion test where it is yours to make.',
            bad: 'Filter, coil and blower speed first; then the manifold, by its plate; the orifices last.',
            else: 'Read what is missing with the burner on for ten minutes.',
        );
    }

    /** @return list<Finding> */
    private function pressures(Given $given): array
    {
        $parts = [];
        $manifold = $given->maybe('manifold');
        if ($manifold !== null) {
            $due = $given->maybe('due') ?? self::MANIFOLD[$given->word('gas')];
            $limit = new Limit(
                'What the plate says, within 0.3 in w.c.; else about 3.5 in w.c. of natural gas, 10 of propane.',
                $given->has('due') ? Source::plate() : Source::practice(),
            );
            $figures = [new Figure('manifold', Dimension::AirPressure, $manifold), new Figure('due', Dimension::AirPressure, $due)];
            $parts[] = match (true) {
                $manifold > $due + self::OFF => new Finding(Verdict::Bad, 'Manifold too high: it is overfired.', $figures, $limit),
                $manifold < $due - self::OFF => new Finding(Verdict::Bad, 'Manifold too low.', $figures, $limit),
                default => new Finding(Verdict::Good, 'Manifold right.', $figures, $limit),
            };
        }
        $inlet = $given->maybe('inlet');
        if ($inlet !== null) {
            [$least, $most] = self::INLET[$given->word('gas')];
            $limit = new Limit(
                'Into the valve 4.5 to 10.5 in w.c. of natural gas, 11 to 13 of propane; the plate comes first.',
                Source::practice(),
            );
            $figures = [new Figure('into the valve', Dimension::AirPressure, $inlet)];
            $parts[] = $inlet < $least || $inlet > $most
                ? new Finding(
                    Verdict::Bad,
                    $inlet < $least ? 'Too little gas pressure arrives.' : 'Too much gas pressure arrives.',
                    $figures,
                    $limit,
                )
                : new Finding(Verdict::Good, 'Gas pressure arrives as it should.', $figures, $limit);
        }

        return $parts;
    }

    /** @return list<Finding> */
    private function rise(Given $given): array
    {
        [$supply, $return] = [$given->maybe('supply'), $given->maybe('return')];
        if ($supply === null) {
            return [];
        }
        $parts = [];
        $opens = $given->maybe('limit');
        if ($opens !== null) {
            $limit = new Limit('Supply air stays well under what opens the limit: 15 °F at the least.', Source::practice());
            $figures = [new Figure('under the limit', Dimension::TemperatureDifference, $opens - $supply)];
            $parts[] = match (true) {
                $supply >= $opens => new Finding(Verdict::Bad, 'Hotter than what opens its limit.', $figures, $limit),
                $supply > $opens - self::NEAR_LIMIT => new Finding(Verdict::Watch, 'Near what opens its limit.', $figures, $limit),
                default => new Finding(Verdict::Good, 'Well under its limit.', $figures, $limit),
            };
        }
        if ($return === null) {
            return $parts;
        }
        $rise = $supply - $return;
        if ($rise < 0.0) {
            throw BadGiven::cannotBe(
                'Supply air colder than return air, with the burner on: the two are swapped, or it is not on.',
                'supply',
            );
        }
        [$least, $most] = [$given->maybe('least'), $given->maybe('most')];
        $limit = new Limit('Within the rise on the plate.', Source::plate());
        $figures = [new Figure('rise', Dimension::TemperatureDifference, $rise)];
        $parts[] = match (true) {
            $most !== null && $rise > $most => new Finding(Verdict::Bad, 'Rise too high: too little air, or overfired.', $figures, $limit),
            $least !== null && $rise < $least => new Finding(
                Verdict::Watch,
                'Rise too low: too much air, or underfired.',
                $figures,
                $limit,
            ),
            $least === null && $most === null => new Finding(
                Verdict::CannotSay,
                'What rise it may have is on its plate.',
                $figures,
                $limit,
            ),
            default => new Finding(Verdict::Good, 'Rise within the plate.', $figures, $limit),
        };

        return $parts;
    }
}

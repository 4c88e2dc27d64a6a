<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

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

/** Superheat, subcooling and what the air does, of a unit that runs: is it the charge, the air, or something electrical? */
final class RefrigerantSide extends PartCheck
{
    private const VALVE = 'expansion valve';

    private const COOLING = 'air conditioning';

    private const RUNS = 'runs';

    private const STANDS = 'stands';

    /** Less than this is liquid at the compressor, K: 2 °F. [practice, no published source] */
    private const FLOODS = 1.1;

    /** Warmer than its bubble point by more than this is no liquid line, or not this refrigerant, K. [practice, no published source] */
    private const NO_LIQUID = 2.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'refrigerant-side',
            title: 'Refrigerant side',
            how: 'After a quarter of an hour of steady running: both gauges, a clamp thermometer on each line beside its gauge, '
                .'wrapped, and the air at both coils.',
            mistake: 'A clamp in the sun or on the wrong line; the gauge\'s scale of another refrigerant; read while it still pulls down.',
            caution: 'Opening the system costs refrigerant: temperatures first. Hot gas and liquid burn; R-32, R-454B and R-290 burn with '
                .'a flame: no spark, air through. Work on the circuit is for those licensed for it.',
            leavesOut: 'The target superheat of a fixed orifice, which is on its maker\'s chart by indoor wet bulb and outdoor air; glide '
                .'in the evaporator; oil; what a heat pump does in heating.',
            words: ['superheat', 'subcooling', 'charge', 'low on charge', 'gauges', 'suction', 'head pressure', 'condensing', 'split',
                'r-22', 'r-410a', 'r-134a', 'r-404a', 'r-448a', 'r-32', 'r-454b', 'r-290', 'not cooling', 'iced'],
            entries: [
                Entry::choice('refrigerant', 'refrigerant, on the plate', array_keys(Refrigerant::all())),
                Entry::choice('kind', 'of', [self::COOLING, 'refrigeration']),
                Entry::choice('metering', 'fed by', [self::VALVE, 'fixed orifice']),
                Entry::number('suction', 'suction pressure', Dimension::Pressure, true),
                Entry::maybe('suction_line', 'suction line at the gauge', Dimension::Temperature, true),
                Entry::maybe('head', 'liquid pressure', Dimension::Pressure, true),
                Entry::maybe('liquid_line', 'liquid line at the gauge', Dimension::Temperature, true),
                Entry::maybe('outdoor', 'air into the condenser', Dimension::Temperature, true),
                Entry::maybe('return', 'air into the evaporator', Dimension::Temperature, true),
                Entry::maybe('supply', 'air out of it', Dimension::Temperature, true),
                Entry::choice('compressor', 'compressor', [self::RUNS, self::STANDS]),
                Entry::choice('fan', 'condenser fan', ['not seen', self::RUNS, self::STANDS]),
                Entry::choice('blower', 'evaporator fan', ['not seen', self::RUNS, self::STANDS]),
                Entry::maybe('superheat', 'target superheat', Dimension::TemperatureDifference),
                Entry::maybe('subcooling', 'subcooling on the plate', Dimension::TemperatureDifference),
                Entry::maybe('elevation', 'above the sea', Dimension::Length),
            ],
            row: new Row(
                [new Post('evaporator'), new Post('compressor'), new Post('condenser'), new Post('valve')],
                [
                    new Piece(PieceShape::Wire, 'suction', 'suction'),
                    new Piece(PieceShape::Wire, ''),
                    new Piece(PieceShape::Wire, 'liquid', 'head'),
                ],
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $cycle = self::cycle($given);
        $usual = new UsualCycle($given->word('metering') === self::VALVE, $given->maybe('superheat'), $given->maybe('subcooling'));
        $findings = $given->word('compressor') === self::STANDS
            ? [$this->standing($cycle, $usual)]
            : [
                ...$this->picture($cycle, $usual, $given),
                ...$this->superheat($cycle, $usual, $given),
                ...$this->subcooling($cycle->subcooling, $usual, $given),
                ...$this->air($cycle, $usual, $given),
            ];

        return Judgement::ofAll(
            $findings === [] ? [new Finding(Verdict::CannotSay, 'One pressure says little: clamp the suction line too.', [
                new Figure('boils at', Dimension::Temperature, $cycle->evaporating),
            ])] : $findings,
            'Refrigerant side as it should be',
            then: 'Note the figures with the call: they prove the repair, and the next visit is held against them.',
            bad: 'What is named electrical is proved by volts and amperes before anything is opened; charge comes last, by who may.',
            else: 'Air first: filter, coils, fans and their capacitors. Then read again when it is steady.',
        );
    }

    /** @throws BadGiven */
    private static function cycle(Given $given): Cycle
    {
        $refrigerant = Refrigerant::named($given->word('refrigerant'));
        $atmosphere = (new Atmosphere($given->maybe('elevation') ?? 0.0))->pressure();
        $head = $given->maybe('head');
        if ($head !== null && $head < $given->number('suction')) {
            throw BadGiven::cannotBe('The liquid pressure is lower than the suction pressure: the two are swapped.', 'head');
        }
        foreach (['suction' => $refrigerant->dew, 'head' => $refrigerant->bubble] as $entry => $curve) {
            $read = $given->maybe($entry);
            if ($read !== null && ! $curve->pressures->holds($read + $atmosphere)) {
                throw $refrigerant->beyond($entry);
            }
        }

        return new Cycle(
            $refrigerant,
            $given->number('suction') + $atmosphere,
            $head === null ? null : $head + $atmosphere,
            $given->maybe('suction_line'),
            $given->maybe('liquid_line'),
            $given->maybe('outdoor'),
            $given->maybe('return'),
            $given->maybe('supply'),
        );
    }

    /** Of a compressor that stands. */
    private function standing(Cycle $cycle, UsualCycle $usual): Finding
    {
        $figures = [new Figure('liquid would boil at', Dimension::Temperature, $cycle->evaporating)];
        $limit = new Limit('At rest with liquid in it, its pressure is that of the air about it.', Source::physics('saturation'));
        $colder = $cycle->outdoor === null ? null : $cycle->outdoor - $cycle->evaporating;

        return match (true) {
            $cycle->head !== null && ! $cycle->isAlike(Picture::ALIKE) => new Finding(
                Verdict::CannotSay,
                'It stands, and its two sides are not alike yet: wait, or a valve holds them apart.',
                $figures,
                $limit,
            ),
            $colder === null => new Finding(Verdict::CannotSay, 'It stands: give the air about it as well.', $figures, $limit),
            $colder > $usual->overOutdoor->from => new Finding(
                Verdict::Bad,
                'Refrigerant: there is no liquid left in it. A low-pressure switch that is open is right to be.',
                $figures,
                $limit,
            ),
            default => new Finding(
                Verdict::Watch,
                'Electrical: there is refrigerant in it, so what keeps it standing is in the circuit.',
                $figures,
                $limit,
            ),
        };
    }

    /** @return list<Finding> what all of it together looks like; none where nothing stands out */
    private function picture(Cycle $cycle, UsualCycle $usual, Given $given): array
    {
        $words = (new Picture(
            $cycle,
            $usual,
            $given->word('kind') === self::COOLING,
            $given->word('fan') === self::STANDS,
            $given->word('blower') === self::STANDS,
        ))->words();
        $limit = new Limit('Superheat, subcooling and both airs, each high or low against what is usual.', Source::practice());

        return $words === '' ? [] : [new Finding(Verdict::Bad, $words, [], $limit)];
    }

    /** @return list<Finding> */
    private function superheat(Cycle $cycle, UsualCycle $usual, Given $given): array
    {
        $superheat = $cycle->superheat;
        if ($superheat === null) {
            return [];
        }
        $figures = [
            new Figure('boils at', Dimension::Temperature, $cycle->evaporating),
            new Figure('superheat', Dimension::TemperatureDifference, $superheat),
        ];
        $limit = new Limit(
            'Behind a valve 5 to 20 °F at the outdoor unit; with a target, within 5 °F of it; never liquid at the compressor.',
            $given->has('superheat') ? Source::plate() : Source::practice(),
        );

        return [match (true) {
            $superheat < self::FLOODS => new Finding(Verdict::Bad, 'Liquid comes back to the compressor.', $figures, $limit),
            default => match (Level::of($superheat, $usual->superheat)) {
                Level::Low => new Finding(Verdict::Watch, 'Superheat is low.', $figures, $limit),
                Level::High => new Finding(Verdict::Watch, 'Superheat is high.', $figures, $limit),
                default => $given->word('metering') === self::VALVE || $given->has('superheat')
                    ? new Finding(Verdict::Good, 'Superheat is right.', $figures, $limit)
                    : new Finding(Verdict::CannotSay, 'Superheat may be right: its maker\'s chart has the target.', $figures, $limit),
            },
        }];
    }

    /** @return list<Finding> */
    private function subcooling(?float $subcooling, UsualCycle $usual, Given $given): array
    {
        if ($subcooling === null) {
            return [];
        }
        $figures = [new Figure('subcooling', Dimension::TemperatureDifference, $subcooling)];
        $limit = new Limit(
            'Within 3 °F of the plate; 5 to 15 °F where it says nothing.',
            $given->has('subcooling') ? Source::plate() : Source::practice(),
        );

        return [match (true) {
            $subcooling < -self::NO_LIQUID => new Finding(
                Verdict::CannotSay,
                'Warmer than it can be as a liquid: the clamp, the line or the refrigerant is another one.',
                $figures,
                $limit,
            ),
            default => match (Level::of($subcooling, $usual->subcooling)) {
                Level::Low => new Finding(Verdict::Watch, 'Subcooling is low.', $figures, $limit),
                Level::High => new Finding(Verdict::Watch, 'Subcooling is high.', $figures, $limit),
                default => new Finding(Verdict::Good, 'Subcooling is right.', $figures, $limit),
            },
        }];
    }

    /** @return list<Finding> what the air says at both coils */
    private function air(Cycle $cycle, UsualCycle $usual, Given $given): array
    {
        $outdoor = self::held(
            Level::of($cycle->overOutdoor(), $usual->overOutdoor),
            'Condensing over the air',
            [
                new Figure('condenses at', Dimension::Temperature, $cycle->condensing),
                new Figure('condensing over outdoor', Dimension::TemperatureDifference, $cycle->overOutdoor()),
            ],
            'About 20 to 30 °F over the air; 10 °F on a large coil.',
        );
        $split = $given->word('kind') !== self::COOLING ? [] : self::held(
            Level::of($cycle->split, $usual->split),
            'The split',
            [new Figure('return to supply', Dimension::TemperatureDifference, $cycle->split)],
            '15 to 22 °F, less where the air is damp.',
        );

        return [...$outdoor, ...$split];
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<Finding> one, or none where it was not read
     */
    private static function held(Level $level, string $what, array $figures, string $limit): array
    {
        $limit = new Limit($limit, Source::practice());

        return match ($level) {
            Level::Unknown => [],
            Level::Low => [new Finding(Verdict::Watch, "$what is small.", $figures, $limit)],
            Level::Usual => [new Finding(Verdict::Good, "$what is usual.", $figures, $limit)],
            Level::High => [new Finding(Verdict::Watch, "$what is large.", $figures, $limit)],
        };
    }
}

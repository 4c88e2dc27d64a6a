<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

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
use Levin\Core\Units\Dimension;

/** Pressure to temperature and back; and of a unit or cylinder at rest, whether the two belong together. */
final class Saturation extends PartCheck
{
    /** At rest, gauge and thermometer agree within this, K. [practice, no published source] */
    private const AGREE = 2.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'saturation',
            title: 'Pressure and temperature',
            how: 'Give one to see the other. Both, of a unit or cylinder that has stood for long, to see whether they belong together.',
            mistake: 'The scale of another refrigerant on the gauge; a unit that has stood for minutes, one half of it in the sun.',
            caution: 'Opening the system costs refrigerant. R-32, R-454B and R-290 burn: no spark, air through.',
            leavesOut: 'Vapour without liquid, which has any pressure below that; mixtures of two refrigerants.',
            words: ['saturation', 'pressure temperature', 'p-t chart', 'boils at', 'non-condensables', 'air in the system', 'cylinder',
                'r-22', 'r-410a', 'r-134a', 'r-404a', 'r-448a', 'r-32', 'r-454b', 'r-290'],
            entries: [
                Entry::choice('refrigerant', 'refrigerant, on the plate', array_keys(Refrigerant::all())),
                Entry::maybe('pressure', 'gauge', Dimension::Pressure, true),
                Entry::maybe('temperature', 'thermometer', Dimension::Temperature, true),
                Entry::maybe('elevation', 'above the sea', Dimension::Length),
            ],
            row: Row::of('gauge', PieceShape::Wire, 'liquid and vapour', 'thermometer', 'pressure'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $refrigerant = Refrigerant::named($given->word('refrigerant'));
        $atmosphere = (new Atmosphere($given->maybe('elevation') ?? 0.0))->pressure();
        [$gauge, $temperature] = [$given->maybe('pressure'), $given->maybe('temperature')];
        $limit = new Limit('Liquid and vapour together have one pressure at one temperature.', Source::published($refrigerant->from()));
        $figures = [];
        try {
            if ($gauge !== null) {
                $boils = $refrigerant->bubble->celsius($gauge + $atmosphere);
                $condenses = $refrigerant->dew->celsius($gauge + $atmosphere);
                array_push($figures, ...self::temperatures($refrigerant, $boils, $condenses));
            }
        } catch (OffTheTable) {
            throw $refrigerant->beyond('pressure');
        }
        try {
            if ($temperature !== null) {
                $high = $refrigerant->bubble->pressure($temperature) - $atmosphere;
                $low = $refrigerant->dew->pressure($temperature) - $atmosphere;
                array_push($figures, ...self::pressures($refrigerant, $high, $low));
            }
        } catch (OffTheTable) {
            throw $refrigerant->beyond('temperature');
        }
        $finding = match (true) {
            $figures === [] => null,
            ! isset($boils, $condenses) || $temperature === null => new Finding(
                Verdict::CannotSay,
                'What belongs to it is here; give both for a verdict.',
                $figures,
                $limit,
            ),
            default => self::together($temperature, $boils, $condenses, $figures, $limit),
        };

        return Judgement::ofAll(
            $finding === null ? [] : [$finding],
            'There is liquid of it in there',
            then: 'What keeps it from running is elsewhere.',
            bad: 'Read both again at rest.',
            else: $gauge !== null && $temperature !== null
                ? 'Let it stand until both ends are as warm as the air, and read both again.'
                : 'For a verdict give both, of a unit that has stood for long.',
        );
    }

    /**
     * Whether a pressure, by what it boils and condenses at, and a temperature belong together.
     *
     * @param  list<Figure>  $figures
     */
    private static function together(float $temperature, float $boils, float $condenses, array $figures, Limit $limit): Finding
    {
        return match (true) {
            $condenses < $temperature - self::AGREE => new Finding(
                Verdict::Watch,
                'Less than belongs to that temperature: no liquid left in it, another refrigerant, or not at rest.',
                $figures,
                $limit,
            ),
            $boils > $temperature + self::AGREE => new Finding(
                Verdict::Watch,
                'More than belongs to that temperature: air in it, another refrigerant, or not at rest.',
                $figures,
                $limit,
            ),
            default => new Finding(Verdict::Good, 'The two belong together.', $figures, $limit),
        };
    }

    /** @return list<Figure> */
    private static function temperatures(Refrigerant $refrigerant, float $boils, float $condenses): array
    {
        return $refrigerant->isPure()
            ? [new Figure('boils at', Dimension::Temperature, $boils)]
            : [new Figure('bubble point', Dimension::Temperature, $boils), new Figure('dew point', Dimension::Temperature, $condenses)];
    }

    /** @return list<Figure> */
    private static function pressures(Refrigerant $refrigerant, float $high, float $low): array
    {
        return $refrigerant->isPure()
            ? [new Figure('pressure there', Dimension::Pressure, $high)]
            : [new Figure('as liquid there', Dimension::Pressure, $high), new Figure('as vapour there', Dimension::Pressure, $low)];
    }
}

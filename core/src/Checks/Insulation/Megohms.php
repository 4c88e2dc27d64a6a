<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Insulation;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Bench\Watched;
use Levin\Core\Meter\InsulationTest;
use Levin\Core\Units\Dimension;

/** The insulation of a winding at its test voltage, taken to 40 °C. */
final class Megohms extends PartCheck
{
    private const HERMETIC = 'hermetic compressor';

    private const RANDOM = 'motor, random-wound';

    private const FORM = 'motor, form-wound';

    private const OLD = 'wound before about 1970';

    /** Bands of hermetic compressors, ohms: serious, moisture or acid, watch. [practice, no published source] */
    private const BANDS = [20e6, 50e6, 100e6];

    /** Hermetic compressors: at the least so many ohms a volt. [practice, no published source] */
    private const OHMS_PER_VOLT = 1000.0;

    /** Above it a polarization index says nothing, ohms (IEEE 43-2013). */
    private const INDEXED = 5000e6;

    private const INDEX = 2.0;

    /** Within this factor above its limit it is watched. [practice, no published source] */
    private const NEAR = 2.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'insulation',
            title: 'Insulation',
            how: 'All leads off. 500 V d.c. for windings rated under 1000 V, each to bare metal, read after one minute.',
            mistake: 'Read through a contactor, a crankcase heater or electronics, or too soon: a reading still rises for minutes.',
            caution: 'Never on a compressor under vacuum, never through electronics, drives or ECM modules. Discharge afterwards.',
            leavesOut: 'Turns shorted to each other, which have no path to ground. One reading says less than how it moves over the years.',
            words: [
                'insulation', 'megohms', 'megger', 'ground', 'winding', 'compressor', 'motor', 'moisture', 'acid', 'polarization index',
            ],
            entries: [
                Entry::number('read', 'after one minute', Dimension::Insulation, true),
                Entry::choice('of', 'of', [self::HERMETIC, self::RANDOM, self::FORM, self::OLD]),
                Entry::maybe('temperature', 'temperature of the winding', Dimension::Temperature, true),
                Entry::choice('system', 'insulation', ['older', 'thermosetting']),
                Entry::maybe('rated', 'rated volts', Dimension::Voltage),
                Entry::maybe('ten', 'after ten minutes', Dimension::Insulation, true),
            ],
            row: Row::of('all leads together', PieceShape::Insulation, 'insulation', 'bare metal', 'read'),
            watched: Watched::falling(
                'at 40 °C',
                0.5,
                Source::published('IEEE 43, on comparing with earlier readings; the half is common practice'),
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $test = new InsulationTest(500.0, $given->maybe('temperature') ?? 40.0, 1.0, $given->word('system') === 'thermosetting');
        $read = $given->maybe('read');
        $at40 = $read === null ? null : $test->at40($read);
        $of = $given->word('of');
        [$verdict, $finding, $limits] = $of === self::HERMETIC ? $this->hermetic($given, $at40) : $this->motor($given, $of, $at40);
        $index = $this->index($given, $at40);
        if ($index !== null && $index < self::INDEX) {
            $verdict = $verdict->and(Verdict::Watch);
        }

        return new Judgement(
            $verdict,
            match ($verdict) {
                Verdict::Good => 'Insulation good',
                Verdict::Watch => 'Insulation to be watched',
                Verdict::Bad => 'Insulation bad',
                Verdict::CannotSay => 'Insulation unclear',
            },
            [
                $finding,
                ...$index === null ? [] : [sprintf('Polarization index %.1f%s', $index, $index < self::INDEX ? ': wet or dirty.' : '.')],
            ],
            [
                new Figure('read', Dimension::Insulation, $read),
                new Figure('at 40 °C', Dimension::Insulation, $at40),
                ...$index === null ? [] : [new Figure('ten minutes over one', Dimension::Number, $index)],
            ],
            [
                ...$limits,
                new Limit('To 40 °C, older: R·0.5^((40 − T)/10); thermosetting by its own curve.', Source::published('IEEE 43-2013')),
                ...$index === null ? [] : [new Limit('Polarization index 2.0 and up.', Source::published('IEEE 43-2013'))],
            ],
            $verdict === Verdict::Good
                ? 'Note it with its temperature: the next reading is held against it.'
                : 'Dry it or change its oil, as the maker says, and read it again; one that falls from visit to visit is the warning.',
        );
    }

    /** @return array{Verdict, string, list<Limit>} */
    private function hermetic(Given $given, ?float $at40): array
    {
        $floor = self::OHMS_PER_VOLT * ($given->maybe('rated') ?? 500.0);
        [$serious, $moist, $watch] = self::BANDS;
        [$verdict, $finding] = match (true) {
            $at40 === null || $at40 > $watch => [Verdict::Good, 'Fine for a compressor with its oil and refrigerant in it.'],
            $at40 < $floor => [Verdict::Bad, 'Under a thousand ohms a volt: it must not be run.'],
            $at40 < $serious => [Verdict::Bad, 'Serious: badly wet, or acid.'],
            $at40 < $moist => [Verdict::Watch, 'Moisture or acid in the oil: test it, and change the drier.'],
            default => [Verdict::Watch, 'Lower than a dry one: watch it.'],
        };

        return [$verdict, $finding, [new Limit(
            'Hermetic: over 100 MΩ fine, 50 to 100 watch, 20 to 50 moisture or acid, under 20 serious; 1000 Ω a volt at the least.',
            Source::practice(),
        )]];
    }

    /** @return array{Verdict, string, list<Limit>} */
    private function motor(Given $given, string $of, ?float $at40): array
    {
        [$least, $words] = match ($of) {
            self::FORM => [100e6, 'Form-wound: 100 MΩ at 40 °C after one minute.'],
            self::OLD => [1e6 * (($given->maybe('rated') ?? 500.0) / 1000 + 1), 'Before about 1970: kilovolts and one, in MΩ, at 40 °C.'],
            default => [5e6, 'Random-wound under 1 kV: 5 MΩ at 40 °C after one minute.'],
        };
        [$verdict, $finding] = match (true) {
            $at40 === null || $at40 >= self::NEAR * $least => [Verdict::Good, 'Well over the least that it must have.'],
            $at40 >= $least => [Verdict::Watch, 'Over the least that it must have, and not by much.'],
            default => [Verdict::Bad, 'Under the least that it must have.'],
        };

        return [$verdict, $finding, [new Limit($words, Source::published('IEEE 43-2013, table 3'))]];
    }

    /** Ten minutes over one, where it says anything. */
    private function index(Given $given, ?float $at40): ?float
    {
        [$one, $ten] = [$given->maybe('read'), $given->maybe('ten')];

        return $one === null || $ten === null || $one <= 0.0 || $at40 > self::INDEXED ? null : $ten / $one;
    }
}

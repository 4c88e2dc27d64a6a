<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Sensors;

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
use Levin\Core\Parts\Sensors\NtcCurve;
use Levin\Core\Units\Dimension;

/** A thermistor by its curve. */
final class ThermistorCheck extends PartCheck
{
    /** So far off the thermometer it is watched, and so far it is bad, K. [practice, no published source] */
    private const WATCH = 2.0;

    private const BAD = 5.0;

    /** Usual where the sheet says nothing, K. [practice, no published source] */
    private const BETA = 3950.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'thermistor',
            title: 'Thermistor',
            how: 'Unplugged, ohms; a thermometer beside it in the same air or on the same pipe, both at rest.',
            mistake: 'Read while plugged in: the board is read as well. Another sensor\'s curve: there are 10 kΩ ones of several.',
            caution: 'Board plugs are live: off before it is unplugged.',
            leavesOut: 'One that is right at rest and breaks when it is cold or shaken.',
            words: ['thermistor', 'sensor', 'ntc', '10k', 'coil sensor', 'ambient', 'discharge', 'defrost', 'ohms'],
            entries: [
                Entry::number('read', 'ohms', Dimension::Resistance, true),
                Entry::number('temperature', 'thermometer beside it', Dimension::Temperature, true),
                Entry::maybe('at25', 'ohms at 77 °F, 25 °C', Dimension::Resistance),
                Entry::maybe('beta', 'beta, in its sheet', Dimension::Number),
            ],
            row: Row::of('one pin', PieceShape::Heater, 'unplugged', 'the other', 'read'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $curve = new NtcCurve($given->maybe('at25') ?? 10e3, $given->maybe('beta') ?? self::BETA);
        $is = $given->number('temperature');
        $due = $curve->ohms($is);
        $limit = new Limit(
            'R = R₂₅ · e^(β(1/T − 1/298.15)); within a few degrees of a thermometer.',
            Source::physics('an NTC over a small span; the degrees are common practice'),
        );
        $read = $given->maybe('read');
        $figures = [new Figure('due at that temperature', Dimension::Resistance, $due), new Figure('read', Dimension::Resistance, $read)];
        $finding = match (true) {
            $read === null => new Finding(Verdict::Bad, 'Open.', $figures, $limit),
            $read < $due / 100 => new Finding(Verdict::Bad, 'Shorted.', $figures, $limit),
            default => $this->held($curve->celsius($read), $is, $figures, $limit),
        };

        return Judgement::ofAll(
            [$finding],
            'Thermistor good',
            then: 'Plug it in, and look what the board makes of it: its plug is next.',
            bad: 'Another one of the same curve; then see whether the board agrees.',
            else: 'Read it again in ice water, which is 32 °F, 0 °C.',
        );
    }

    /** @param  list<Figure>  $figures */
    private function held(float $says, float $is, array $figures, Limit $limit): Finding
    {
        $figures[] = new Figure('it says', Dimension::Temperature, $says);
        $figures[] = new Figure('off by', Dimension::TemperatureDifference, $says - $is);

        return match (true) {
            abs($says - $is) > self::BAD => new Finding(Verdict::Bad, 'Off its curve.', $figures, $limit),
            abs($says - $is) > self::WATCH => new Finding(Verdict::Watch, 'A little off its curve.', $figures, $limit),
            default => new Finding(Verdict::Good, 'On its curve.', $figures, $limit),
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Air;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
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

/** A condenser fan that head pressure cycles, by what the gauge showed over time: the switch, what it switches, or a sensor elsewhere? */
final class FanByPressure extends PartCheck
{
    /** A switch keeps its set point within this share. [practice, no published source] */
    private const OFF = 0.05;

    /** Less than this is a fan that stands, A. [practice, no published source] */
    private const STANDS = 0.1;

    /** Pressure that rises by more than this share while its fan runs is not the fan's. [practice, no published source] */
    private const RISES = 0.05;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'fan-by-pressure',
            title: 'Fan cycled by pressure',
            how: 'Gauge on the liquid side, clamp on the fan: both noted together every half minute, through two of its cycles.',
            mistake: 'A fan that waits for pressure on a cold day, taken for one that is broken.',
            caution: 'The fan starts by itself: keep hands and leads out of it. Opening the system costs refrigerant.',
            leavesOut: 'A fan whose speed is turned down by pressure: its amperes go with it instead of on and off.',
            words: ['fan cycling', 'head pressure', 'low ambient', 'condenser fan', 'set point', 'differential', 'fan stands', 'cold day'],
            entries: [
                Entry::number('closes', 'switch closes at', Dimension::Pressure),
                Entry::number('opens', 'switch opens at', Dimension::Pressure),
                Entry::row('pressure', 'pressure, one after another', Dimension::Pressure, true),
                Entry::row('amps', 'fan\'s amperes at the same times', Dimension::Current, true),
                Entry::choice('contactor', 'fan\'s contactor while it should run', ['not seen', 'pulled in', 'dropped out']),
            ],
            row: Row::of('liquid line, gauge', PieceShape::Contact, 'fan switch', 'fan, clamp', 'pressure'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        [$closes, $opens] = [$given->number('closes'), $given->number('opens')];
        [$pressure, $amps] = [$given->readings('pressure'), $given->readings('amps')];
        if ($closes <= $opens) {
            throw BadGiven::cannotBe('A fan comes on at the higher pressure and goes off at the lower: the two are swapped.', 'closes');
        }
        if (count($pressure) !== count($amps)) {
            throw BadGiven::cannotBe(sprintf(
                'There are %d pressures and %d amperes: they are noted in pairs.',
                count($pressure),
                count($amps),
            ), 'amps');
        }
        $runs = array_map(static fn (float $read): bool => $read > self::STANDS, $amps);

        return Judgement::ofAll(
            [
                ...$this->stands($pressure, $runs, $closes, $given->word('contactor')),
                ...$this->turns($pressure, $runs, $closes, $opens),
                ...$this->follows($pressure, $runs),
            ],
            'It cycles as it is set',
            then: 'Note both pressures with the weather; a fan that cycles often on a '
                .'mild day wants a wider differential, or another charge.',
            bad: 'Volts at the switch and at the coil while it should run, before either is replaced.',
            else: 'Go on noting until it has come on and gone off once.',
        );
    }

    /**
     * A fan that does not run where it should.
     *
     * @param  list<float>  $pressure
     * @param  list<bool>  $runs
     * @return list<Finding>
     */
    private function stands(array $pressure, array $runs, float $closes, string $contactor): array
    {
        $limit = new Limit('Over what closes its switch it runs.', Source::plate());
        foreach ($pressure as $n => $read) {
            if (! $runs[$n] && $read > (1 + self::OFF) * $closes) {
                $figures = [new Figure('it stood at', Dimension::Pressure, $read), new Figure('closes at', Dimension::Pressure, $closes)];

                return [match ($contactor) {
                    'pulled in' => new Finding(
                        Verdict::Bad,
                        'It should run, its contactor is in: its contacts, its wires or the fan.',
                        $figures,
                        $limit,
                    ),
                    'dropped out' => new Finding(
                        Verdict::Bad,
                        'It should run, its contactor is out: the switch, or its coil.',
                        $figures,
                        $limit,
                    ),
                    default => new Finding(Verdict::Bad, 'It stands where it should run.', $figures, $limit),
                }];
            }
        }

        return [];
    }

    /**
     * At what it comes on and goes off: somewhere between one note and the next.
     *
     * @param  list<float>  $pressure
     * @param  list<bool>  $runs
     * @return list<Finding>
     */
    private function turns(array $pressure, array $runs, float $closes, float $opens): array
    {
        $limit = new Limit('It comes on and goes off within a twentieth of its set points.', Source::practice());
        $findings = [];
        for ($n = 1; $n < count($runs); $n++) {
            if ($runs[$n] === $runs[$n - 1]) {
                continue;
            }
            [$due, $does] = $runs[$n] ? [$closes, 'comes on'] : [$opens, 'goes off'];
            [$low, $high] = [min($pressure[$n - 1], $pressure[$n]), max($pressure[$n - 1], $pressure[$n])];
            $figures = [new Figure("$does over", Dimension::Pressure, $low), new Figure("$does under", Dimension::Pressure, $high)];
            $findings[] = match (true) {
                $low > (1 + self::OFF) * $due => new Finding(
                    Verdict::Bad,
                    "It $does too high: the switch, or it feels another place.",
                    $figures,
                    $limit,
                ),
                $high < (1 - self::OFF) * $due => new Finding(
                    Verdict::Bad,
                    "It $does too low: the switch, or it feels another place.",
                    $figures,
                    $limit,
                ),
                default => new Finding(Verdict::Good, "It $does where it is set.", $figures, $limit),
            };
        }

        return $findings;
    }

    /**
     * Whether pressure does what the fan does.
     *
     * @param  list<float>  $pressure
     * @param  list<bool>  $runs
     * @return list<Finding>
     */
    private function follows(array $pressure, array $runs): array
    {
        $limit = new Limit('With its fan on, head pressure falls.', Source::physics('more heat leaves the condenser'));
        for ($n = 1; $n < count($runs); $n++) {
            if ($runs[$n] && $runs[$n - 1] && $pressure[$n] > (1 + self::RISES) * $pressure[$n - 1]) {
                return [new Finding(
                    Verdict::Watch,
                    'Pressure rises while the fan runs: coil dirty, fan backwards, or the gauge on the other circuit.',
                    [new Figure('rose to', Dimension::Pressure, $pressure[$n])],
                    $limit,
                )];
            }
        }

        return [];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Conductors;

use Levin\Core\Checks\Ampacity;
use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;
use Levin\Core\Units\Dimension;

/** The fuse or breaker of a circuit and its conductors, by what hangs on it. */
final class FuseAndWire extends PartCheck
{
    /** Running for hours a device carries no more than this share of what is on it (NEC 210.20(A), from memory). */
    private const CONTINUOUS = 0.8;

    /** Lost on the way to a load, at the most (NEC 210.19(A), informational note; from memory). */
    private const DROP = 0.03;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'fuse-and-wire',
            title: 'Fuse and wire size',
            how: 'From the plate where it says minimum ampacity and maximum fuse; else '
                .'each load\'s amperes. Then what is fitted, and the wire.',
            mistake: 'A fuse that was made larger because it blew. It blew because of something.',
            caution: 'Local codes and the unit\'s own plate come first. What lies in the '
                .'building\'s own panel may need a licensed electrician.',
            leavesOut: 'Heat in an attic and many wires in one pipe, which both take from what a wire may carry; aluminium; motors alone.',
            words: ['fuse', 'breaker', 'wire', 'gauge', 'awg', 'mca', 'mop', 'mocp', 'ampacity', 'drop', 'conductor', 'overfused', 'trips'],
            entries: [
                Entry::maybe('compressor', 'largest compressor, RLA', Dimension::Current),
                Entry::row('motors', 'other motors, FLA', Dimension::Current),
                Entry::maybe('heat', 'electric heat', Dimension::Current),
                Entry::maybe('mca', 'minimum ampacity, on the plate', Dimension::Current),
                Entry::maybe('mop', 'maximum fuse or breaker, on the plate', Dimension::Current),
                Entry::maybe('fitted', 'fuse or breaker that is fitted', Dimension::Current),
                Entry::maybe('gauge', 'copper wire', Dimension::WireSize),
                Entry::choice('terminals', 'terminals', ['75 °C', '60 °C']),
                Entry::choice('phases', 'phases', ['one', 'three']),
                Entry::maybe('length', 'wire, one way', Dimension::Length),
                Entry::maybe('volts', 'volts', Dimension::Voltage),
                Entry::maybe('running', 'running current, read', Dimension::Current, true),
                Entry::habit('set', 'one of a set blown', Habit::FuseOfASet),
            ],
            row: Row::of('panel', PieceShape::Fuse, 'fitted', 'unit', 'fitted'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        [$least, $most, $ofPlate] = $this->due($given);

        return Judgement::ofAll(
            [
                ...$this->device($given, $least, $most, $ofPlate),
                ...$this->wire($given, $least),
                ...$this->drop($given, $least),
                ...$this->near($given),
            ],
            'Fuse and wire good',
            then: 'Same class, same voltage when one is replaced; of a set, '.$given->word('set').'.',
            bad: 'Put right what is wrong before it is left on; whoever may work on the panel.',
            else: 'Give the plate\'s two figures, or the amperes of what hangs on it.',
        );
    }

    /** @return array{float|null, float|null, bool} minimum ampacity, largest device, whether the plate says so */
    private function due(Given $given): array
    {
        $demand = static fn (DemandOf $of, float $amps): Demand => new Demand($of, $amps, []);
        [$compressor, $heat] = [$given->maybe('compressor'), $given->maybe('heat')];
        $loads = [
            ...$compressor === null ? [] : [$demand(DemandOf::Compressor, $compressor)],
            ...array_map(
                static fn (float $amps): Demand => $demand(DemandOf::Motor, $amps),
                $given->readings('motors'),
            ),
            ...$heat === null ? [] : [$demand(DemandOf::Heat, $heat)],
        ];
        $sized = $loads === [] ? null : new Ampacity($loads, 1.0);
        [$mca, $mop] = [$given->maybe('mca'), $given->maybe('mop')];

        return [$mca ?? $sized?->minimum(), $mop ?? ($sized === null ? null : (float) $sized->maximum()), $mop !== null];
    }

    /** @return list<Finding> */
    private function device(Given $given, ?float $least, ?float $most, bool $ofPlate): array
    {
        if ($most === null) {
            return [];
        }
        $figures = [
            ...$least === null ? [] : [new Figure('minimum ampacity', Dimension::Current, $least)],
            new Figure('largest fuse or breaker', Dimension::Current, $most),
        ];
        $limit = new Limit(
            '2.25 × the largest compressor and the others, the next standard size down; heat at 125 %.',
            $ofPlate ? Source::plate() : Source::published('NEC 440.22, 440.32, 424.4(B), 240.6(A)'),
        );
        $fitted = $given->maybe('fitted');

        return [match (true) {
            $fitted === null => new Finding(
                Verdict::CannotSay,
                'So much it takes, and no larger a fuse; what is fitted was not said.',
                $figures,
                $limit,
            ),
            $fitted > $most => new Finding(Verdict::Bad, 'Overfused: the wire and the motor are not protected.', $figures, $limit),
            $least !== null && $fitted < $least => new Finding(
                Verdict::Watch,
                'Smaller than its loads: it will open with nothing wrong.',
                $figures,
                $limit,
            ),
            default => new Finding(Verdict::Good, 'The right size is fitted.', $figures, $limit),
        }];
    }

    /** @return list<Finding> */
    private function wire(Given $given, ?float $least): array
    {
        $isWarm = $given->word('terminals') === '75 °C';
        if ($least === null) {
            return [];
        }
        $limit = new Limit('What a copper wire may carry at 30 °C, by its terminals.', Source::published('NEC table 310.16'));
        $needed = CopperWire::carrying($least, $isWarm);
        $figures = $needed === null ? [] : [new Figure('wire at the least', Dimension::WireSize, $needed->area())];
        if (! $given->has('gauge')) {
            return [new Finding(
                Verdict::CannotSay,
                $needed === null ? 'It takes a larger wire than 4/0.' : "It takes AWG $needed->value copper at the least.",
                $figures,
                $limit,
            )];
        }
        // a metric size between two gauges is judged as the thinner of them
        $amps = CopperWire::within($given->number('gauge'))?->amps($isWarm) ?? 0.0;
        $figures[] = new Figure('this one may carry', Dimension::Current, $amps);

        return [$amps < $least
            ? new Finding(Verdict::Bad, 'The wire is too thin.', $figures, $limit)
            : new Finding(Verdict::Good, 'The wire is thick enough.', $figures, $limit)];
    }

    /** @return list<Finding> */
    private function drop(Given $given, ?float $least): array
    {
        [$area, $gauge] = [$given->maybe('gauge'), CopperWire::within($given->maybe('gauge') ?? 0.0)];
        [$length, $volts] = [$given->maybe('length'), $given->maybe('volts')];
        $amps = $given->maybe('running') ?? $least;
        if ($area === null || $gauge === null || $length === null || $volts === null || $amps === null) {
            return [];
        }
        // there and back on one phase; √3 on three [physics]
        $drop = $amps * $gauge->ohms($length) * $gauge->area() / $area * ($given->word('phases') === 'three' ? sqrt(3) : 2.0);
        $limit = new Limit('No more than 3 % lost in a branch circuit.', Source::published('NEC 210.19(A), informational note'));
        $figures = [new Figure('lost on the way', Dimension::Voltage, $drop), new Figure('of the volts', Dimension::Share, $drop / $volts)];

        return [$drop > self::DROP * $volts
            ? new Finding(Verdict::Watch, 'Too much is lost on the way.', $figures, $limit)
            : new Finding(Verdict::Good, 'Little is lost on the way.', $figures, $limit)];
    }

    /** @return list<Finding> */
    private function near(Given $given): array
    {
        [$running, $fitted] = [$given->maybe('running'), $given->maybe('fitted')];
        if ($running === null || $fitted === null) {
            return [];
        }
        $limit = new Limit('Running for hours, no more than 80 % of the device.', Source::published('NEC 210.20(A)'));
        $figures = [new Figure('running, of the device', Dimension::Share, $running / $fitted)];

        return [$running > self::CONTINUOUS * $fitted
            ? new Finding(Verdict::Watch, 'Runs near its fuse: one hot day opens it.', $figures, $limit)
            : new Finding(Verdict::Good, 'Runs well under its fuse.', $figures, $limit)];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Heat;

use Levin\Core\Checks\Air\StandardAir;
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
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** Elements of electric heat by their amperes at the volts there are, by their ohms, and what guards them. */
final class Elements extends PartCheck
{
    /** Off what it should draw by more than this share it is not the element on the plate. [practice, no published source] */
    private const OFF = 0.1;

    /** Less than this share is nothing. [practice, no published source] */
    private const NOTHING = 0.02;

    /** More than this over a closed contact is a joint that burns, Ω. [practice, no published source] */
    private const CLOSED = 1.0;

    private const EACH = 'each element';

    private const LEG = 'each leg, three elements in delta';

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'electric-heat',
            title: 'Electric heat',
            how: 'With all stages called: volts at the elements, a clamp on each one\'s lead. '
                .'Off, wires off: ohms of each, its link, its limit.',
            mistake: 'Held against the amperes on the plate while the supply is another: at 208 V a 240 V element gives three quarters.',
            caution: 'Live line voltage, and elements that glow. Keep the blower running, and never bridge a limit.',
            leavesOut: 'An element that sags onto its frame only when it is hot.',
            words: ['electric heat', 'element', 'strip heat', 'kw', 'amps', 'limit', 'link', 'rise', 'cfm', 'sequencer'],
            entries: [
                Entry::number('watts', 'each element, on the plate', Dimension::Power),
                Entry::number('rated', 'rated volts', Dimension::Voltage),
                Entry::maybe('volts', 'volts there now', Dimension::Voltage, true),
                Entry::choice('clamped', 'the clamp was round', [self::EACH, self::LEG]),
                Entry::row('amps', 'amperes, one after another', Dimension::Current, true),
                Entry::row('ohms', 'off: ohms of each element', Dimension::Resistance, true),
                Entry::maybe('link', 'off: ohms over its link', Dimension::Resistance, true),
                Entry::maybe('limit', 'off: ohms over its limit', Dimension::Resistance, true),
                Entry::maybe('rise', 'supply over return', Dimension::TemperatureDifference),
            ],
            row: new Row(
                [new Post('line'), new Post('2'), new Post('3'), new Post('line')],
                [
                    new Piece(PieceShape::Contact, 'limit', 'limit'),
                    new Piece(PieceShape::Fuse, 'link', 'link'),
                    new Piece(PieceShape::Heater, 'element', 'ohms'),
                ],
            ),
        );
    }

    /** Amperes of an element at other volts: I = V·P/V₀² [physics]. */
    public static function amps(float $watts, float $rated, float $volts): float
    {
        return $volts * $watts / $rated ** 2;
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        return Judgement::ofAll(
            [...$this->byAmps($given), ...$this->byOhms($given), ...$this->guards($given), ...$this->air($given)],
            'Elements good',
            then: 'Rise over the plate\'s range next, and the blower\'s own current.',
            bad: 'Off: ohms of the element, its link and its limit, each by itself; then its relay. '
                .'What made it hot comes before another one.',
            else: 'Volts at the elements, and a clamp on each one\'s lead with all stages called; '
                .'off, its ohms: a part of it may be broken.',
        );
    }

    /** @return list<Finding> */
    private function byAmps(Given $given): array
    {
        $amps = $given->readings('amps');
        $volts = $given->maybe('volts');
        if ($amps === [] || $volts === null) {
            return $amps === [] ? [] : [new Finding(Verdict::CannotSay, 'What it draws goes with the volts there now: read them.')];
        }
        $due = self::amps($given->number('watts'), $given->number('rated'), $volts);
        if ($given->word('clamped') === self::LEG) {
            return count($amps) !== 3
                ? throw BadGiven::cannotBe('A delta has three legs: give the amperes of all three.', 'amps')
                : [(new DeltaLegs([$amps[0], $amps[1], $amps[2]], $due, self::OFF))->finding()];
        }
        $out = $odd = [];
        foreach ($amps as $n => $read) {
            if ($read < self::NOTHING * $due) {
                $out[] = $n + 1;
            } elseif (abs($read - $due) > self::OFF * $due) {
                $odd[] = $n + 1;
            }
        }

        return [self::one($out, $odd, 'out', [
            new Figure('each should draw', Dimension::Current, $due),
            new Figure('ohms of one', Dimension::Resistance, self::ohms($given)),
            new Figure('heat they give now', Dimension::Power, array_sum($amps) * $volts),
        ], new Limit('I = V·P/V₀²; within 10 %.', Source::physics('a resistance on other volts; the 10 % is common practice')))];
    }

    /** @return list<Finding> */
    private function byOhms(Given $given): array
    {
        $ohms = $given->row('ohms');
        $due = self::ohms($given);
        $out = $odd = [];
        foreach ($ohms as $n => $read) {
            if ($read === null) {
                $out[] = $n + 1;
            } elseif (abs($read - $due) > self::OFF * $due + Spec::of(MeterFunction::Ohms)->error($read)) {
                $odd[] = $n + 1;
            }
        }
        $limit = new Limit('R = V₀²/P; within 10 %.', Source::physics('a resistance; the 10 % is common practice'));

        return $ohms === [] ? [] : [self::one($out, $odd, 'open', [new Figure('ohms of one', Dimension::Resistance, $due)], $limit)];
    }

    /** @return list<Finding> */
    private function guards(Given $given): array
    {
        $findings = [];
        $limit = new Limit('Closed, it has no ohms to speak of.', Source::practice());
        $guards = [
            'link' => [Verdict::Bad, 'Its link is open: it does not close again. What made it hot?'],
            'limit' => [Verdict::CannotSay, 'Its limit is open: hot, or broken. Let it cool, and read again; then the air.'],
        ];
        foreach ($guards as $guard => [$verdict, $words]) {
            $read = $given->maybe($guard);
            $findings = match (true) {
                ! $given->has($guard) => $findings,
                $read === null => [...$findings, new Finding($verdict, $words, [], $limit)],
                $read > self::CLOSED => [...$findings, new Finding(Verdict::Watch, "Its $guard has ohms: a joint that burns.", [], $limit)],
                default => [...$findings, new Finding(Verdict::Good, "Its $guard is closed.", [], $limit)],
            };
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function air(Given $given): array
    {
        $heat = $given->word('clamped') === self::EACH ? array_sum($given->readings('amps')) * ($given->maybe('volts') ?? 0.0) : 0.0;
        $rise = $given->maybe('rise') ?? 0.0;

        return $heat <= 0.0 || $rise <= 0.0 ? [] : [new Finding(
            Verdict::Good,
            'So much air goes through.',
            [new Figure('air by that rise', Dimension::AirFlow, StandardAir::flow($heat, $rise))],
            new Limit('Rise °F = watts × 3.412 / (1.08 × cfm), standard air.', Source::published('ASHRAE Fundamentals')),
        )];
    }

    private static function ohms(Given $given): float
    {
        return $given->number('rated') ** 2 / $given->number('watts');
    }

    /**
     * @param  list<int>  $out  numbers of the elements
     * @param  list<int>  $odd
     * @param  list<Figure>  $figures
     */
    private static function one(array $out, array $odd, string $how, array $figures, Limit $limit): Finding
    {
        return match (true) {
            $out !== [] => new Finding(Verdict::Bad, self::named($out)." $how.", $figures, $limit),
            $odd !== [] => new Finding(Verdict::Watch, self::named($odd).' not as on the plate.', $figures, $limit),
            default => new Finding(Verdict::Good, 'Each is as its plate says.', $figures, $limit),
        };
    }

    /** @param  list<int>  $numbers */
    private static function named(array $numbers): string
    {
        return (count($numbers) > 1 ? 'Elements ' : 'Element ').implode(', ', $numbers);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Heat;

use Levin\Core\Checks\Air\StandardAir;
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
use Levin\Core\Units\Dimension;

/** Elements of electric heat by their amperes at the volts there are, one by one. */
final class Elements extends PartCheck
{
    /** Off what it should draw by more than this share it is not the element on the plate. [practice, no published source] */
    private const OFF = 0.1;

    /** Less than this share is nothing. [practice, no published source] */
    private const NOTHING = 0.02;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'electric-heat',
            title: 'Electric heat',
            how: 'With all stages called: volts at the elements, a clamp on each element\'s lead, one after another.',
            mistake: 'Held against the amperes on the plate while the supply is another: at 208 V a 240 V element gives three quarters.',
            caution: 'Live line voltage, and elements that glow. Keep the blower running, and never bridge a limit.',
            leavesOut: 'An element that sags onto its frame only when it is hot.',
            words: ['electric heat', 'element', 'strip heat', 'kw', 'amps', 'limit', 'link', 'rise', 'cfm', 'sequencer'],
            entries: [
                Entry::number('watts', 'each element, on the plate', Dimension::Power),
                Entry::number('rated', 'rated volts', Dimension::Voltage),
                Entry::number('volts', 'volts there now', Dimension::Voltage),
                Entry::row('amps', 'each element\'s amperes', Dimension::Current, true),
                Entry::maybe('rise', 'supply over return', Dimension::TemperatureDifference),
            ],
            row: Row::of('one lead', PieceShape::Heater, 'each element', 'the other', 'amps'),
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
        [$watts, $rated, $volts] = [$given->number('watts'), $given->number('rated'), $given->number('volts')];
        $due = self::amps($watts, $rated, $volts);
        $amps = $given->readings('amps');
        $out = $odd = [];
        foreach ($amps as $n => $read) {
            if ($read < self::NOTHING * $due) {
                $out[] = $n + 1;
            } elseif (abs($read - $due) > self::OFF * $due) {
                $odd[] = $n + 1;
            }
        }
        $heat = array_sum($amps) * $volts;
        $rise = $given->maybe('rise');
        [$verdict, $headline, $next] = match (true) {
            $amps === [] => [Verdict::CannotSay, 'No amperes were read', 'Clamp each element\'s lead with all stages called.'],
            $out !== [] => [
                Verdict::Bad, self::named($out).' out', 'Off: ohms of the element, its link and its limit, each by itself; then its relay.',
            ],
            $odd !== [] => [
                Verdict::Watch, self::named($odd).' not as on the plate',
                'Off: its ohms. A part of it may be broken, or it is another element.',
            ],
            default => [Verdict::Good, 'Elements good', 'Rise over the plate\'s range next, and the blower\'s own current.'],
        };

        return new Judgement(
            $verdict,
            $headline,
            [sprintf('Each should draw %s now.', Dimension::Current->usual()->show($due))],
            [
                new Figure('each should draw', Dimension::Current, $due),
                new Figure('ohms of one', Dimension::Resistance, $rated ** 2 / $watts),
                new Figure('heat they give now', Dimension::Power, $heat),
                ...$rise !== null && $rise > 0.0 && $heat > 0.0
                    ? [new Figure('air by that rise', Dimension::AirFlow, StandardAir::flow($heat, $rise))]
                    : [],
            ],
            [
                new Limit('I = V·P/V₀²; within 10 %.', Source::physics('a resistance on other volts; the 10 % is common practice')),
                ...$rise === null ? [] : [
                    new Limit('Rise °F = watts × 3.412 / (1.08 × cfm), standard air.', Source::published('ASHRAE Fundamentals')),
                ],
            ],
            $next,
        );
    }

    /** @param  list<int>  $numbers */
    private static function named(array $numbers): string
    {
        return (count($numbers) > 1 ? 'Elements ' : 'Element ').implode(', ', $numbers);
    }
}

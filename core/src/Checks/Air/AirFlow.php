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

/** How much air a blower moves: by the heat it takes up, by its static pressure, by its speed. */
final class AirFlow extends PartCheck
{
    /** Air for a ton of cooling, m³/s: 350 to 450 cfm. [practice, no published source] */
    private const PER_TON = [350 * 4.719474e-4, 450 * 4.719474e-4];

    /** Over its plate by more than this factor a motor does not last. [practice, no published source] */
    private const FAR_OVER = 1.15;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'air-flow',
            title: 'Air flow, blower speed',
            how: 'Electric heat or a furnace on, ten minutes: watts that go into the air, '
                .'and the rise over it. Or another speed by the fan laws.',
            mistake: 'The supply thermometer in sight of the heater: it reads the glow and not the air.',
            caution: 'Keep hands, sleeves and leads from the wheel and the belt; power locked out before a pulley is touched.',
            leavesOut: 'Air at altitude, which is thinner: the same cfm carries less. Ducts that leak before the thermometer.',
            words: ['air flow', 'cfm', 'rise', 'split', 'blower', 'fan law', 'rpm', 'pulley', 'belt', 'speed', 'tons'],
            entries: [
                Entry::maybe('heat', 'heat into the air', Dimension::Power),
                Entry::maybe('rise', 'supply over return', Dimension::TemperatureDifference, true),
                Entry::maybe('flow', 'air flow, if it is known', Dimension::AirFlow),
                Entry::maybe('tons', 'tons of cooling', Dimension::Number),
                Entry::maybe('speed', 'speed now', Dimension::Speed),
                Entry::maybe('to', 'speed it is to have', Dimension::Speed),
                Entry::maybe('pulley', 'motor\'s pulley now, pitch', Dimension::Diameter),
                Entry::maybe('to_pulley', 'motor\'s pulley it is to have', Dimension::Diameter),
                Entry::maybe('wheel', 'blower\'s pulley, pitch', Dimension::Diameter),
                Entry::maybe('centres', 'shaft to shaft', Dimension::Diameter),
                Entry::maybe('static', 'static pressure now', Dimension::AirPressure, true),
                Entry::maybe('amps', 'motor\'s amperes now', Dimension::Current, true),
                Entry::maybe('plate', 'motor\'s plate amperes', Dimension::Current),
            ],
            row: Row::of('return', PieceShape::Heater, 'rise', 'supply', 'rise'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $flow = $this->flow($given);

        return Judgement::ofAll(
            [...$this->moved($given, $flow), ...$this->atAnotherSpeed($given, $flow)],
            'Air flow good',
            then: 'Note it with the static pressure: on the next visit the two together say what has changed.',
            bad: 'Static pressure next: what it is over the filter and the coil says where the air is lost.',
            else: 'Give the heat and the rise, or the flow; for another speed both speeds.',
        );
    }

    private function flow(Given $given): ?float
    {
        [$heat, $rise] = [$given->maybe('heat'), $given->maybe('rise')];
        if ($rise !== null && $heat !== null && $rise <= 0.0) {
            throw BadGiven::cannotBe('Air that takes up heat is warmer afterwards: read supply and return again.', 'rise');
        }

        return $heat !== null && $rise !== null ? StandardAir::flow($heat, $rise) : $given->maybe('flow');
    }

    /** @return list<Finding> */
    private function moved(Given $given, ?float $flow): array
    {
        $tons = $given->maybe('tons');
        // at another speed it is asked what becomes of it, and not whether it is enough
        if ($flow === null || $tons === null && $given->has('speed') && $this->speedToHave($given) !== null) {
            return [];
        }
        $figures = [new Figure('air flow', Dimension::AirFlow, $flow)];
        if ($tons === null) {
            return [new Finding(Verdict::CannotSay, 'So much air; whether it is enough its tons or its plate say.', $figures, new Limit(
                'Btu/h = 1.08 × cfm × °F, standard air.',
                Source::published('ASHRAE Fundamentals'),
            ))];
        }
        $limit = new Limit('350 to 450 cfm for each ton of cooling.', Source::practice());
        $figures[] = new Figure('for each ton', Dimension::AirFlow, $flow / $tons);
        [$least, $most] = self::PER_TON;

        return [match (true) {
            $flow < $least * $tons => new Finding(Verdict::Bad, 'Too little air for its cooling.', $figures, $limit),
            $flow > $most * $tons => new Finding(Verdict::Watch, 'More air than its cooling needs: it dries little.', $figures, $limit),
            default => new Finding(Verdict::Good, 'Enough air for its cooling.', $figures, $limit),
        }];
    }

    /** @return list<Finding> */
    private function atAnotherSpeed(Given $given, ?float $flow): array
    {
        [$from, $to] = [$given->maybe('speed'), $this->speedToHave($given)];
        if ($from === null || $to === null) {
            return $this->drive($given, Verdict::CannotSay, 'So long a belt; what it costs both speeds say.');
        }
        $laws = new FanLaws($from, $to);
        [$amps, $plate, $static] = [$given->maybe('amps'), $given->maybe('plate'), $given->maybe('static')];
        // the watts go with the cube, and near its plate a motor's amperes with its watts
        $then = $amps === null ? null : $laws->power($amps);
        $figures = [
            ...$flow === null ? [] : [new Figure('air flow then', Dimension::AirFlow, $laws->flow($flow))],
            ...$static === null ? [] : [new Figure('static then', Dimension::AirPressure, $laws->pressure(abs($static)))],
            ...$then === null ? [] : [new Figure('amperes then, about', Dimension::Current, $then)],
            new Figure('power then', Dimension::Share, $laws->power(1.0)),
        ];
        $limit = new Limit('Air with the speed, pressure with its square, power with its cube.', Source::published('AMCA 201, fan laws'));

        $finding = match (true) {
            $then !== null && $plate !== null && $then > self::FAR_OVER * $plate => new Finding(
                Verdict::Bad, 'The motor would be far over its plate.', $figures, $limit,
            ),
            $then !== null && $plate !== null && $then > $plate => new Finding(
                Verdict::Watch,
                'The motor would be over its plate.',
                $figures,
                $limit,
            ),
            $then === null || $plate === null => new Finding(
                Verdict::CannotSay,
                'So much at the other speed; its amperes and its plate say whether the motor may.',
                $figures,
                $limit,
            ),
            default => new Finding(Verdict::Good, 'The motor stays within its plate at the other speed.', $figures, $limit),
        };

        return [$finding, ...$this->drive($given, $finding->verdict, 'Pulleys and belt for that speed.')];
    }

    /** As it was given, or as another pulley on the motor makes it: speeds go as the pulleys [physics]. */
    private function speedToHave(Given $given): ?float
    {
        [$from, $old, $new] = [$given->maybe('speed'), $given->maybe('pulley'), $given->maybe('to_pulley')];

        return $given->maybe('to') ?? ($from === null || $old === null || $new === null ? null : $from * $new / $old);
    }

    /**
     * The pulley that the motor is to have, the speed that it makes, the belt on it.
     *
     * @return list<Finding>
     */
    private function drive(Given $given, Verdict $verdict, string $words): array
    {
        [$from, $to, $old, $new] = array_map($given->maybe(...), ['speed', 'to', 'pulley', 'to_pulley']);
        $isAsked = $new === null && $old !== null && $from !== null && $to !== null;
        $pulley = $isAsked ? $old * $to / $from : $new ?? $old;
        [$wheel, $centres] = [$given->maybe('wheel'), $given->maybe('centres')];
        if ($pulley !== null && $wheel !== null && $centres !== null && $centres <= ($pulley + $wheel) / 2) {
            throw BadGiven::cannotBe('The shafts are so near that the pulleys touch: measure from shaft to shaft.', 'centres');
        }
        $speed = $to === null ? $this->speedToHave($given) : null;
        $figures = [
            ...$speed === null ? [] : [new Figure('speed then', Dimension::Speed, $speed)],
            ...$isAsked ? [new Figure('motor\'s pulley for that', Dimension::Diameter, $pulley)] : [],
            ...$pulley === null || $wheel === null || $centres === null ? [] : [
                new Figure('belt, pitch length', Dimension::Diameter, (new Belt($pulley, $wheel))->length($centres)),
            ],
        ];

        return $figures === [] ? [] : [new Finding($verdict, $words, $figures, new Limit(
            'Speeds go as the pulleys; L = 2C + π(D + d)/2 + (D − d)²/4C.',
            Source::published('Machinery\'s Handbook'),
        ))];
    }
}

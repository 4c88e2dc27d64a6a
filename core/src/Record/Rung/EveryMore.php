<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Parts\Heaters\Heater;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Motors\ThreePhaseLoad;
use Levin\Core\Parts\Valves\GasValve;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** The checks of the bench by which such a unit is verified: temperatures before gauges. [practice, no published source] */
final class EveryMore
{
    /** Watts of an element that heats air; a crankcase heater has less. [practice, no published source] */
    private const ELEMENT = 1000.0;

    /** @return list<MoreToMeasure> */
    public static function of(Visit $visit, Habits $habits = new Habits): array
    {
        $checks = [];
        foreach ($visit->model->parts as $kind) {
            $checks += self::by($kind, $habits);
        }
        $kept = [];
        foreach ($visit->since($visit->mark(), EventType::Judged) as $event) {
            $kept[$event->text('check')] = $event;
        }

        return array_map(
            static fn (string $check, string $what): MoreToMeasure => self::more($check, $what, $kept[$check] ?? null),
            array_keys($checks),
            $checks,
        );
    }

    private static function more(string $check, string $what, ?Event $judged): MoreToMeasure
    {
        return new MoreToMeasure(
            $check,
            PartChecks::named($check)->about()->title,
            $what,
            $judged === null ? null : Kept::stored($judged->data),
        );
    }

    /** @return array<string, string> what a part brings with it, by the name of the check */
    private static function by(Kind $kind, Habits $habits): array
    {
        $air = ['static-pressure' => 'external static against the blower\'s rating'];

        return match (true) {
            $kind instanceof GasValve => [
                'gas-heat' => 'manifold pressure, rise against the plate', 'flame-signal' => 'microamperes of the flame', ...$air,
            ],
            $kind instanceof Heater && $kind->part->number('watts') >= self::ELEMENT => [
                'electric-heat' => 'each element, the rise of the air', ...$air,
            ],
            $kind->isHermetic() => [
                'refrigerant-side' => $habits->are(Habit::Gauges, Habit::EVERY_CALL)
                    ? 'split, superheat, subcooling and condensing over ambient: the shop reads pressures on every call'
                    : 'split first; superheat, subcooling, condensing over ambient where they matter',
                ...$kind instanceof ThreePhaseLoad ? ['supply' => 'volts of three legs under load, their unbalance'] : [],
            ],
            $kind instanceof ThreePhaseLoad => ['supply' => 'volts of three legs under load, their unbalance'],
            default => [],
        };
    }
}

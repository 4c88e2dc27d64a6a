<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Parts\Motors\ThreePhaseMachine;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** Volts between three legs, on a part that is live as soon as power is on. */
final class SupplyVolts implements BenchRule
{
    private const SIDES = [['L1', 'L2', 'L3'], ['T1', 'T2', 'T3']];

    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->isEnergised() ? $so->partOf($reading, ...SoFar::VOLTS) : null;
        if ($kind === null) {
            return null;
        }
        foreach (self::SIDES as $side) {
            $legs = array_map($kind->part->point(...), $side);
            $isThere = array_diff([$reading->text('red'), $reading->text('black')], $legs) === [];
            $given = $isThere && $so->areOfTheLine($legs) ? self::volts($legs, $so) : [];
            if ($given !== []) {
                return new Taken($kind->part, 'supply', [...$given, ...self::rated($so)]);
            }
        }

        return null;
    }

    /**
     * @param  array<string>  $legs  points
     * @return array<string, string> as it is typed for the check; none before all three pairs have been read
     */
    private static function volts(array $legs, SoFar $so): array
    {
        [$l1, $l2, $l3] = $legs;
        $given = [];
        foreach (['l1l2' => [$l1, $l2], 'l2l3' => [$l2, $l3], 'l1l3' => [$l1, $l3]] as $entry => [$one, $other]) {
            $read = $so->volts($one, $other);
            if ($read === null) {
                return [];
            }
            $given[$entry] = Taken::read($read);
        }
        foreach (['l1g' => $l1, 'l2g' => $l2, 'l3g' => $l3] as $entry => $leg) {
            $read = $so->toEarth($leg);
            $given += $read === null ? [] : [$entry => Taken::read($read)];
        }

        return $given;
    }

    /** @return array<string, string> volts on the plate of the unit's three-phase motors, where it has any */
    private static function rated(SoFar $so): array
    {
        foreach ($so->model()->parts as $kind) {
            if ($kind instanceof ThreePhaseMachine) {
                return ['rated' => Taken::amount(Dimension::Voltage, $kind->part->number('volts'))];
            }
        }

        return [];
    }
}

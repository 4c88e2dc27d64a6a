<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Parts\Heaters\Heater;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** A clamp round a heater's wire, and the volts over it. */
final class ElementAmps implements BenchRule
{
    /** With less than this share of its volts it is not on, or something else is wrong. [practice, no published source] */
    private const ON = 0.1;

    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        foreach ($so->isEnergised() ? $so->kindsAt($reading) : [] as $kind) {
            if (! $kind instanceof Heater) {
                continue;
            }
            $part = $kind->part;
            $volts = $so->volts($part->point('1'), $part->point('2'));
            $amps = $so->ampsAt($part->point('1')) ?? $so->ampsAt($part->point('2'));
            $isOn = ($volts?->number('value') ?? 0.0) > self::ON * $part->number('volts');
            if ($volts !== null && $amps !== null && $isOn && in_array($reading, [$volts, $amps], true)) {
                return new Taken($part, 'electric-heat', [
                    'watts' => Taken::amount(Dimension::Power, $part->number('watts')),
                    'rated' => Taken::amount(Dimension::Voltage, $part->number('volts')),
                    'volts' => Taken::read($volts),
                    'amps' => Taken::amount(Dimension::Current, SoFar::throughOneTurn($amps)),
                ]);
            }
        }

        return null;
    }
}

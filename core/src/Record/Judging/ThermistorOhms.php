<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Sensors\Thermistor;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** Ohms of an NTC off its board, when the temperature that it senses has been measured. */
final class ThermistorOhms implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->partOf($reading, MeterFunction::Ohms);
        if (! $kind instanceof Thermistor || $kind->part->text('curve') !== 'ntc') {
            return null;
        }
        $part = $kind->part;
        $celsius = $so->measured($part->text('senses'));
        $isOff = array_filter($part->terminals, static fn (string $t): bool => $so->isOff($part->point($t))) !== [];

        return $celsius === null || ! $isOff ? null : new Taken($part, 'thermistor', [
            'read' => Taken::read($reading),
            'temperature' => sprintf('%.6F °C', $celsius),
            'at25' => Taken::amount(Dimension::Resistance, $part->number('ohms')),
            'beta' => sprintf('%.6F', $part->number('beta')),
        ]);
    }
}

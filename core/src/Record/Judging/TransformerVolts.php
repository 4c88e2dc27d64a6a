<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Parts\Supplies\ControlTransformer;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** Volts out of a transformer's secondary with its load on, and into its primary. */
final class TransformerVolts implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $kind = $so->isEnergised() ? $so->partOf($reading, ...SoFar::VOLTS) : null;
        if (! $kind instanceof ControlTransformer) {
            return null;
        }
        $part = $kind->part;
        $primary = $so->volts($part->point('H1'), $part->point('H2'));
        $secondary = $so->volts($part->point('X1'), $part->point('X2'));

        return $primary === null || $secondary === null ? null : new Taken($part, 'transformer', [
            'primary' => Taken::read($primary),
            'rated' => Taken::amount(Dimension::Voltage, $part->number('primary_volts')),
            'loaded' => Taken::read($secondary),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;

/** One line and a grounded neutral: a 120 V branch circuit, 230 V at 50 Hz, or 575 V with one side grounded. */
final class SinglePhaseSupply extends Supplies
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('supply-single-phase', 'Single-phase supply, line and neutral', ['L', 'N', 'G'], [
            Field::number('volts', 'V', 'line to neutral; a low-voltage bench supply counts too', 5, 600, 120),
            ...self::legFields('L'),
        ], bare: ['L', 'N', 'G'],
            usual: ['source_ohms' => 0.06],
        );
    }

    #[\Override]
    protected function windings(): array
    {
        return [['from' => 'L', 'to' => 'N', 'volts' => self::phasor($this->part->number('volts'), 0), 'leg' => 'L']];
    }

    #[\Override]
    protected function bonded(): string
    {
        return 'N';
    }
}

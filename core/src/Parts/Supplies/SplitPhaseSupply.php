<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;

/** A 120/240 V service: two legs in opposite phase about a grounded neutral. */
final class SplitPhaseSupply extends Supplies
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('supply-split-phase', 'Split-phase supply', ['L1', 'L2', 'N', 'G'], [
            Field::number('volts', 'V', 'line to line', 150, 300, 240),
            ...self::legFields('L1', 'L2'),
        ], bare: ['L1', 'L2', 'N', 'G']);
    }

    #[\Override]
    protected function windings(): array
    {
        $half = $this->part->number('volts') / 2;

        return [
            ['from' => 'L1', 'to' => 'N', 'volts' => self::phasor($half, 0), 'leg' => 'L1'],
            ['from' => 'N', 'to' => 'L2', 'volts' => self::phasor($half, 0), 'leg' => 'L2'],
        ];
    }

    #[\Override]
    protected function bonded(): string
    {
        return 'N';
    }
}

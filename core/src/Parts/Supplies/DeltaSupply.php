<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;

/**
 * A three-phase delta service of 240 V: with a high leg (the middle of the winding L1–L3 grounded as neutral, so that L2 reads
 * 208 V to it), with a grounded corner (L2), or ungrounded. A lost leg is a lost winding: the open delta still feeds three phases.
 */
final class DeltaSupply extends Supplies
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('supply-delta', 'Three-phase delta supply', ['L1', 'L2', 'L3', 'N', 'G'], [
            Field::number('volts', 'V', 'line to line', 150, 720, 240),
            Field::choice('grounded', 'what is grounded', ['high-leg', 'corner', 'none']),
            ...self::legFields('L1', 'L2', 'L3'),
        ], bare: ['L1', 'L2', 'L3', 'N', 'G']);
    }

    #[\Override]
    protected function windings(): array
    {
        $volts = $this->part->number('volts');

        return [
            ['from' => 'L1', 'to' => 'L2', 'volts' => self::phasor($volts, 0), 'leg' => 'L1'],
            ['from' => 'L2', 'to' => 'L3', 'volts' => self::phasor($volts, -120), 'leg' => 'L2'],
            ['from' => 'L3', 'to' => 'N', 'volts' => self::phasor($volts / 2, 120), 'leg' => 'L3'],
            ['from' => 'N', 'to' => 'L1', 'volts' => self::phasor($volts / 2, 120), 'leg' => 'L3'],
        ];
    }

    #[\Override]
    protected function bonded(): string
    {
        return match ($this->part->text('grounded')) {
            'corner' => 'L2',
            'none' => '',
            default => 'N',
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;

/** A three-phase wye service with a grounded neutral: 208Y/120, 480Y/277, 600Y/347, 400Y/230; two of its legs make a 575 V single phase. */
final class WyeSupply extends Supplies
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('supply-wye', 'Three-phase wye supply', ['L1', 'L2', 'L3', 'N', 'G'], [
            Field::number('volts', 'V', 'line to line', 150, 720, 208),
            ...self::legFields('L1', 'L2', 'L3'),
        ], bare: ['L1', 'L2', 'L3', 'N', 'G']);
    }

    #[\Override]
    protected function windings(): array
    {
        $phase = $this->part->number('volts') / sqrt(3);

        return [
            ['from' => 'L1', 'to' => 'N', 'volts' => self::phasor($phase, 0), 'leg' => 'L1'],
            ['from' => 'L2', 'to' => 'N', 'volts' => self::phasor($phase, -120), 'leg' => 'L2'],
            ['from' => 'L3', 'to' => 'N', 'volts' => self::phasor($phase, 120), 'leg' => 'L3'],
        ];
    }

    #[\Override]
    protected function bonded(): string
    {
        return 'N';
    }
}

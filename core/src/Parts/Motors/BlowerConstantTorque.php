<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;

/** A constant-torque blower with five taps. */
final class BlowerConstantTorque extends EcmBlower
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'blower-constant-torque',
            'Constant-torque blower',
            ['L1', 'L2', 'C', ...self::speeds()],
            self::blowerFields(),
            optional: self::speeds(),
            usual: ['volts' => 240, 'watts' => 560],
        );
    }

    #[\Override]
    protected static function speeds(): array
    {
        return ['1', '2', '3', '4', '5'];
    }

    #[\Override]
    protected function restrictionExponent(): float
    {
        return -0.3;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;

/** A variable-speed blower that holds its airflow: each call has its speed. */
final class BlowerVariableSpeed extends EcmBlower
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'blower-variable-speed',
            'Variable-speed blower',
            ['L1', 'L2', 'C', ...self::speeds()],
            self::blowerFields(),
            optional: self::speeds(),
            usual: ['volts' => 240, 'watts' => 620, 'start_delay' => 5],
        );
    }

    #[\Override]
    protected static function speeds(): array
    {
        return ['G', 'Y1', 'W1', 'Y', 'W2'];
    }

    #[\Override]
    protected function restrictionExponent(): float
    {
        return 0.7;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;

/** A three-pole circuit breaker. */
final class BreakerThreePole extends BreakerPoles
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'breaker-3p', 'Circuit breaker, three pole', self::poleTerminals(), self::breakerFields(),
            usual: ['amps' => 60],
        );
    }

    #[\Override]
    protected static function poles(): int
    {
        return 3;
    }
}

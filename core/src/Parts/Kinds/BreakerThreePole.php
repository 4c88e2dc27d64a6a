<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;

/** A three-pole circuit breaker. */
final class BreakerThreePole extends BreakerPoles
{
    public static function definition(): Definition
    {
        return new Definition('breaker-3p', 'Circuit breaker, three pole', self::poleTerminals(), self::breakerFields());
    }

    protected static function poles(): int
    {
        return 3;
    }
}

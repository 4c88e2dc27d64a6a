<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;

/** A two-pole circuit breaker in the building's panel. */
final class Breaker extends BreakerPoles
{
    public static function definition(): Definition
    {
        return new Definition('breaker', 'Circuit breaker, two pole', self::poleTerminals(), self::breakerFields());
    }

    protected static function poles(): int
    {
        return 2;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;

/** A two-pole circuit breaker in the building's panel. */
final class Breaker extends BreakerPoles
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'breaker', 'Circuit breaker, two pole', self::poleTerminals(), self::breakerFields(),
            usual: ['amps' => 40],
        );
    }

    #[\Override]
    protected static function poles(): int
    {
        return 2;
    }
}

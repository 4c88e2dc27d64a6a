<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;

/** A one-pole circuit breaker; a small one sits on a control transformer. */
final class BreakerOnePole extends BreakerPoles
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'breaker-1p', 'Circuit breaker, one pole', self::poleTerminals(), self::breakerFields(),
            usual: ['amps' => 15],
        );
    }

    #[\Override]
    protected static function poles(): int
    {
        return 1;
    }
}

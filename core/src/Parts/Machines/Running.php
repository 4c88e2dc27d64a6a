<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/**
 * The state of a motor as a string: `still`, `tripped`, `running` at its rated slip, or `running 0.0431` at another.
 */
final class Running
{
    public const STILL = 'still';

    public const TRIPPED = 'tripped';

    public static function is(string $state): bool
    {
        return str_starts_with($state, 'running');
    }

    /** The slip in a state, or one when the rotor stands. */
    public static function slip(string $state, float $rated): float
    {
        return match (true) {
            ! self::is($state) => 1.0,
            $state === 'running' => $rated,
            default => (float) substr($state, 8),
        };
    }

    /** The state at a slip. */
    public static function at(float $slip): string
    {
        return sprintf('running %.4g', $slip);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/**
 * The state of a motor as a string: `still`, `tripped`, `running` at its rated slip, or `running 0.0431` at another, `backwards`
 * after it when it turns the wrong way.
 */
final class Running
{
    public const STILL = 'still';

    public const TRIPPED = 'tripped';

    private const BACKWARDS = ' backwards';

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

    public static function isBackwards(string $state): bool
    {
        return str_ends_with($state, self::BACKWARDS);
    }

    /** The state at a slip. */
    public static function at(float $slip, bool $backwards = false): string
    {
        return sprintf('running %.4g', $slip).($backwards ? self::BACKWARDS : '');
    }
}

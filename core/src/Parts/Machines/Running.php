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

    /** A slip this near the one it has is the same slip: the current differs by less than a meter shows. */
    private const SAME = 0.02;

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

    /** The state at a slip, which is the old one when it hardly moved. */
    public static function at(float $slip, string $before, float $rated): string
    {
        if (self::is($before) && abs($slip - self::slip($before, $rated)) <= self::SAME * $slip) {
            return $before;
        }
        if (abs($slip - $rated) <= self::SAME * $rated) {
            return 'running';
        }

        return sprintf('running %.3g', $slip);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/**
 * The state of a motor as a string: `still`, `starting` while it comes up, `running` at its rated slip, `running 0.0431` at another,
 * `tripped`; `backwards` after it when it turns the wrong way. One that has lost its supply is `running` until it stands.
 */
final class Running
{
    public const STILL = 'still';

    public const STARTING = 'starting';

    public const TRIPPED = 'tripped';

    /** What a run tells of one that comes up. */
    public const STARTS = 'starts';

    private const RUNNING = 'running';

    private const BACKWARDS = ' backwards';

    public static function is(string $state): bool
    {
        return str_starts_with($state, self::RUNNING);
    }

    public static function isStarting(string $state): bool
    {
        return str_starts_with($state, self::STARTING);
    }

    /** The slip in a state, or one when the rotor stands or comes up. */
    public static function slip(string $state, float $rated): float
    {
        $slip = self::is($state) ? (float) substr($state, strlen(self::RUNNING)) : 1.0;

        return $slip === 0.0 ? $rated : $slip;
    }

    public static function isBackwards(string $state): bool
    {
        return str_ends_with($state, self::BACKWARDS);
    }

    public static function starting(bool $backwards = false): string
    {
        return self::STARTING.($backwards ? self::BACKWARDS : '');
    }

    /** At its rated slip. */
    public static function rated(bool $backwards = false): string
    {
        return self::RUNNING.($backwards ? self::BACKWARDS : '');
    }

    /** At another slip. */
    public static function at(float $slip, bool $backwards = false): string
    {
        return sprintf('%s %.4g', self::RUNNING, $slip).($backwards ? self::BACKWARDS : '');
    }
}

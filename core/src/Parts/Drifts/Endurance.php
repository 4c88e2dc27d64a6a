<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Drifts;

use Levin\Core\Parts\Drift;

/**
 * How long what is overloaded lasts: each a body that warms with what it has over what it is made for, and has burnt out when it
 * comes to one. Shares and lags are [practice, no published source]; what they give is said beside each.
 */
final class Endurance
{
    /**
     * A magnet's coil, by its current over that of its plate: for ever at 1.4 times, three and a half minutes at twice; a 24 V
     * coil on 120 V lasts about half a minute.
     */
    public static function ofCoil(float $times, string $mode): Drift
    {
        return self::overBy($times / 1.45, 600.0, $mode);
    }

    /**
     * A transformer, by its secondary current over rated: for ever at 1.4 times, two minutes and a half at four times; shorted,
     * with some twelve times, a quarter of a minute.
     */
    public static function ofTransformer(float $times, string $mode): Drift
    {
        return self::overBy($times / 1.5, 1000.0, $mode);
    }

    /**
     * A run capacitor, by its voltage over rated: for ever at 1.3 times (IEC 60252-1 asks for 1.1 all the time, from memory),
     * half an hour at twice.
     */
    public static function ofRunCapacitor(float $times, string $mode): Drift
    {
        return self::overBy($times / 1.3, 3600.0, $mode);
    }

    /** A start capacitor, made for some seconds at a time: a minute and a quarter at its rated voltage, a quarter of a minute at twice. */
    public static function ofStartCapacitor(float $times, string $mode): Drift
    {
        return self::overBy($times / 0.5, 240.0, $mode);
    }

    /** Motor windings with no overload of their own, by the current over full load: for ever at 1.5 times, half a minute locked. */
    public static function ofWinding(float $times, string $mode): Drift
    {
        return self::overBy($times / 1.6, 600.0, $mode);
    }

    private static function overBy(float $share, float $lag, string $mode): Drift
    {
        return new Warming($share ** 2, $lag, $mode);
    }
}

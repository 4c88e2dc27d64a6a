<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Air;

/** Air of 1.204 kg/m³: what it carries away. 1.08 Btu/h for each cfm and °F (ASHRAE Fundamentals, from memory); in SI J/(m³·K). */
final readonly class StandardAir
{
    private const CARRIES = 1.08 / 3.412141633 * 1.8 / 4.719474e-4;

    /** m³/s of air that so many watts warm by so many kelvin. */
    public static function flow(float $watts, float $rise): float
    {
        return $watts / ($rise * self::CARRIES);
    }

    /** Kelvin by which so many watts warm so many m³/s of air. */
    public static function rise(float $watts, float $flow): float
    {
        return $watts / ($flow * self::CARRIES);
    }
}

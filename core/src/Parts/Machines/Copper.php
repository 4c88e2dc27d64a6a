<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/** What a copper winding would read at another temperature. */
final class Copper
{
    /** −k is where copper's resistance would come to nothing, °C: IEEE 112 takes 234.5 (from memory). */
    private const K = 234.5;

    /**
     * R₂ = R₁·(234.5 + T₂)/(234.5 + T₁).
     *
     * @param  float  $from  °C at which it was read
     * @param  float  $to  °C
     */
    public static function at(float $ohms, float $from, float $to): float
    {
        return $ohms * (self::K + $to) / (self::K + $from);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** The pressure that a gauge counts from: p = p₀ · (1 − h / 44 330.8 m)^5.25588 (standard atmosphere, ISO 2533, from memory). */
final readonly class Atmosphere
{
    private const AT_SEA = 101325.0;

    private const HEIGHT = 44330.8;

    private const POWER = 5.25588;

    /** @param  float  $elevation  m above the sea */
    public function __construct(private float $elevation = 0.0)
    {
    }

    /** Pa absolute. */
    public function pressure(): float
    {
        return self::AT_SEA * max(0.0, 1 - $this->elevation / self::HEIGHT) ** self::POWER;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Air;

/**
 * What becomes of a fan at another speed: air with the speed, pressure with its square, power with its cube
 * (fan laws; AMCA 201, from memory).
 */
final readonly class FanLaws
{
    public function __construct(private float $from, private float $to)
    {
    }

    public function flow(float $flow): float
    {
        return $flow * $this->to / $this->from;
    }

    public function pressure(float $pressure): float
    {
        return $pressure * ($this->to / $this->from) ** 2;
    }

    public function power(float $power): float
    {
        return $power * ($this->to / $this->from) ** 3;
    }
}

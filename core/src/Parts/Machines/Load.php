<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/**
 * What a motor turns: torque as a share of the motor's rated torque, growing with a power of the speed.
 *
 * Fans and pumps by the square of the speed (fan laws, [physics]); compressors with a torque that hardly depends on it.
 */
final readonly class Load
{
    private const IDLE_SLIP = 0.0005;

    public function __construct(public float $share, public float $exponent, public float $ratedSlip)
    {
    }

    public function torqueAt(float $slip): float
    {
        return $this->share * max(0.0, (1 - $slip) / (1 - $this->ratedSlip)) ** $this->exponent;
    }

    /**
     * The slip at which a motor carries this load; null when it stalls.
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    public function slipWith(callable $torque): ?float
    {
        $low = self::IDLE_SLIP;
        if ($torque($low) >= $this->torqueAt($low)) {
            return $low;
        }
        for ($high = $low * 1.5; $torque($high) < $this->torqueAt($high); $high *= 1.25) {
            if ($high > 0.9) {
                return null;
            }
            $low = $high;
        }
        for ($i = 0; $i < 30; $i++) {
            $middle = ($low + $high) / 2;
            $torque($middle) < $this->torqueAt($middle) ? $low = $middle : $high = $middle;
        }

        return $high;
    }
}

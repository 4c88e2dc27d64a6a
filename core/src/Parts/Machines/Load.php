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

    private const STALLED = 0.9;

    /** Step of the search for the slip. */
    private const STRIDE = 1.2;

    /** A slip this near the one it has is the same slip: the current differs by less than a meter shows. */
    private const SAME = 0.02;

    public function __construct(public float $share, public float $exponent, public float $ratedSlip)
    {
    }

    public function torqueAt(float $slip): float
    {
        return $this->share * max(0.0, (1 - $slip) / (1 - $this->ratedSlip)) ** $this->exponent;
    }

    /**
     * Whether a motor at this slip carries this load, as near as matters.
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    public function isCarriedAt(float $slip, callable $torque): bool
    {
        [$less, $more] = [$slip * (1 - self::SAME), $slip * (1 + self::SAME)];

        return $torque($less) <= $this->torqueAt($less) && $torque($more) >= $this->torqueAt($more);
    }

    /**
     * The slip at which a motor that turns at some slip comes to carry this load; null when it stalls.
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    public function slipFrom(float $slip, callable $torque): ?float
    {
        $lacks = fn (float $s): bool => $torque($s) < $this->torqueAt($s);
        if ($lacks($slip)) {
            for ($high = $slip * self::STRIDE; $lacks($high); $high *= self::STRIDE) {
                if ($high > self::STALLED) {
                    return null;
                }
            }
            $low = $high / self::STRIDE;
        } else {
            for ($low = $slip / self::STRIDE; ! $lacks($low); $low /= self::STRIDE) {
                if ($low < self::IDLE_SLIP) {
                    return $low;
                }
            }
            $high = $low * self::STRIDE;
        }
        for ($i = 0; $i < 7; $i++) {
            $middle = ($low + $high) / 2;
            $lacks($middle) ? $low = $middle : $high = $middle;
        }

        return $high;
    }
}

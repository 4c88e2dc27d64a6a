<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/**
 * What a motor turns: torque as a share of the motor's rated torque, and what it takes to speed it up.
 *
 * The torque is friction, there at any speed, and the rest, which grows with a power of the speed: fans and pumps by the square
 * (fan laws, [physics]); compressors with a torque that hardly depends on it.
 */
final readonly class Load
{
    private const IDLE_SLIP = 0.0005;

    private const STALLED = 0.97;

    /** Step of the search for the slip. */
    private const STRIDE = 1.2;

    /** A slip this near the one it has is the same slip: the current differs by less than a meter shows. */
    private const SAME = 0.02;

    /** Slips over which the time of a run-up from standstill is added up. */
    private const RUN_UP = [0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2, 0.12, 0.07, 0.04, 0.02, 0.01];

    /** A torque smaller than this share of rated moves nothing on. */
    private const NOTHING = 0.01;

    /**
     * @param  float  $share  of rated torque at rated speed
     * @param  float  $exponent  of the speed
     * @param  float  $friction  share of rated torque at standstill
     * @param  float  $inertia  energy in what turns at full speed over rated power, seconds (the constant H)
     */
    public function __construct(
        public float $share,
        public float $exponent,
        public float $ratedSlip,
        public float $friction = 0.0,
        public float $inertia = 1.0,
    ) {
    }

    public function torqueAt(float $slip): float
    {
        $speed = max(0.0, (1 - $slip) / (1 - $this->ratedSlip));

        return $this->friction + max(0.0, $this->share - $this->friction) * $speed ** $this->exponent;
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

    /**
     * Seconds from standstill to the speed at which the motor carries this load: 2H·∫ ds/(T − T_load) [physics].
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    public function secondsToSpeed(callable $torque): float
    {
        $seconds = 0.0;
        [$from, $had] = [1.0, max(self::NOTHING, $torque(1.0) - $this->torqueAt(1.0))];
        foreach (self::RUN_UP as $slip) {
            $over = $torque($slip) - $this->torqueAt($slip);
            if ($over <= 0.0) {
                break;
            }
            $seconds += 2 * $this->inertia * ($from - $slip) / (($had + $over) / 2);
            [$from, $had] = [$slip, $over];
        }

        return max(0.05, $seconds);
    }

    /**
     * Seconds from one slip to another, with the torque that the motor has over its load, or lacks, at the first.
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    public function secondsBetween(float $from, float $to, callable $torque): float
    {
        return 2 * $this->inertia * abs($to - $from) / max(0.05, abs($torque($from) - $this->torqueAt($from)));
    }

    /**
     * Seconds until it stands, from a slip at which its motor cannot carry it.
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    public function secondsToStandstill(float $slip, callable $torque): float
    {
        $steps = 8;
        $seconds = 0.0;
        for ($n = 0; $n < $steps; $n++) {
            $s = $slip + (1 - $slip) * ($n + 0.5) / $steps;
            $seconds += 2 * $this->inertia * (1 - $slip) / $steps / max(self::NOTHING, $this->torqueAt($s) - $torque($s));
        }

        return $seconds;
    }
}

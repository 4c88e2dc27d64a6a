<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Parts\Drift;

/**
 * A thermal overload as a first-order body: it warms towards the square of the current over its ultimate trip current,
 * opens at one, cools, and closes again at its reset level. All shares and lags are [practice, no published source].
 */
final readonly class Overload
{
    private function __construct(private float $tripAmps, private float $warming, private float $cooling, private float $resetAt)
    {
    }

    /** In the shell of a hermetic compressor: locked rotor opens it in about ten seconds, and it is slow to reset. */
    public static function inCompressor(float $fla): self
    {
        return new self(1.4 * $fla, 130.0, 2400.0, 0.35);
    }

    /** In the windings of a fan motor. */
    public static function inFanMotor(float $fla): self
    {
        return new self(1.35 * $fla, 240.0, 600.0, 0.6);
    }

    /** A class 10 relay: opens within ten seconds at six times its setting (IEC 60947-4-1 uses 7.2 times, from memory). */
    public static function relay(float $amps): self
    {
        return new self(1.15 * $amps, 220.0, 300.0, 0.5);
    }

    public function closed(float $amps, string $next): Drift
    {
        return Drift::warmingTo(($amps / $this->tripAmps) ** 2, $this->warming, 1.0, $next);
    }

    public function open(string $next): Drift
    {
        return Drift::coolingTo(0.0, $this->cooling, $this->resetAt, $next);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Cooling;
use Levin\Core\Parts\Drifts\TwoBodies;
use Levin\Core\Parts\Drifts\Warming;

/**
 * A thermal overload. Inside a motor it feels the winding, which warms in seconds and gives its heat to a shell that takes the
 * better part of an hour: locked, it opens before the shell knows and closes within a minute or so; run hot for long, it has to wait
 * for the shell. A relay outside is one body. All shares and lags are [practice, no published source].
 */
final readonly class Overload
{
    /** Water on a shell takes its heat this many times as fast as air. [practice, no published source] */
    private const WATER = 6.0;

    /**
     * @param  float  $amps  that open it in the end
     * @param  float  $inner  seconds the winding takes over its shell
     * @param  float  $outer  seconds the shell takes over the air; nothing for a relay, which has no shell
     * @param  float  $share  the shell's rise over the winding's over the shell
     */
    private function __construct(
        private float $amps,
        private float $inner,
        private float $outer,
        private float $share,
        private float $resets,
    ) {
    }

    /** In the shell of a hermetic compressor; NEC 440.52 has it open at 1.56 times rated at most. */
    public static function inCompressor(float $fla): self
    {
        return new self(1.35 * $fla, 66.0, 6000.0, 1.0, 0.18);
    }

    /** In the windings of a fan motor, which has less around it. */
    public static function inFanMotor(float $fla): self
    {
        return new self(1.35 * $fla, 120.0, 900.0, 1.0, 0.45);
    }

    /** Clamped to the outside of a small compressor, in its common lead: its own heater, on the shell. */
    public static function onShell(float $amps): self
    {
        return new self(1.35 * $amps, 60.0, 3600.0, 1.5, 0.45);
    }

    /** A class 10 relay: opens within ten seconds at 7.2 times its setting (IEC 60947-4-1, from memory). */
    public static function relay(float $amps): self
    {
        return new self(1.15 * $amps, 220.0, 0.0, 0.0, 0.5);
    }

    /** While it is closed and carries a current. */
    public function closed(float $amps, string $next, bool $wet = false): Drift
    {
        $heat = ($amps / $this->amps) ** 2;

        return $this->outer === 0.0
            ? new Warming($heat, $this->inner, $next)
            : new TwoBodies($heat / (1 + $this->share), $this->inner, $this->shellLag($wet), $this->share, 1.0, true, $next);
    }

    /** While it is open, until it closes again. */
    public function open(string $next, bool $wet = false): Drift
    {
        return $this->outer === 0.0
            ? new Cooling(300.0, $this->resets, $next)
            : new TwoBodies(0.0, $this->inner, $this->shellLag($wet), $this->share, $this->resets, false, $next);
    }

    private function shellLag(bool $wet): float
    {
        return $wet ? $this->outer / self::WATER : $this->outer;
    }
}

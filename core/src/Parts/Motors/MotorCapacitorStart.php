<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Sign;

/** A motor whose start winding and capacitor are switched out by a centrifugal switch as it comes up. */
final class MotorCapacitorStart extends CapacitorMotor
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'motor-capacitor-start', 'Motor, capacitor start', ['C', 'S', 'R'], self::motorFields(1725),
            usual: ['volts' => 240, 'fla' => 4.9, 'lra' => 24, 'run_ohms' => 2.4, 'start_ohms' => 6, 'capacitor_uf' => 160],
        );
    }

    #[\Override]
    protected function hasStartSwitch(): bool
    {
        return true;
    }

    #[\Override]
    protected function breakaway(): float
    {
        return 0.3;
    }

    #[\Override]
    protected function inertia(): float
    {
        return 0.6;
    }

    #[\Override]
    protected function ownFaults(): array
    {
        return [
            new FaultMode('overload-open', 'thermal overload open', 0.8, signs: Sign::OVERHEATED),
            new FaultMode('seized', 'bearings seized', 1.2, signs: Sign::SEIZED),
            new FaultMode('switch-open', 'centrifugal switch does not close', 1.0),
            new FaultMode('switch-stuck', 'centrifugal switch does not open', 0.4),
        ];
    }
}

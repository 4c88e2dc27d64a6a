<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Sign;

/** A fan or blower motor with a run capacitor; its overload is inside the winding's common lead. */
final class MotorPsc extends CapacitorMotor
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'motor-psc', 'Fan motor, permanent split capacitor', ['C', 'S', 'R'], self::motorFields(1075),
            usual: ['volts' => 240, 'fla' => 1.1, 'lra' => 2.2, 'run_ohms' => 26, 'start_ohms' => 44, 'capacitor_uf' => 5],
        );
    }

    #[\Override]
    protected function breakaway(): float
    {
        return 0.05;
    }

    #[\Override]
    protected function inertia(): float
    {
        return 1.0;
    }

    #[\Override]
    protected function ownFaults(): array
    {
        return [
            new FaultMode('overload-open', 'thermal overload open', 0.8, signs: Sign::OVERHEATED),
            new FaultMode('seized', 'bearings seized', 2.0, signs: Sign::SEIZED),
        ];
    }
}

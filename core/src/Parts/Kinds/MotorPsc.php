<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Machines\Overload;

/** A fan or blower motor with a run capacitor; its overload is inside the winding's common lead. */
final class MotorPsc extends CapacitorMotor
{
    public static function definition(): Definition
    {
        return new Definition('motor-psc', 'Fan motor, permanent split capacitor', ['C', 'S', 'R'], self::motorFields());
    }

    protected function breakaway(): float
    {
        return 0.05;
    }

    protected function loadExponent(): float
    {
        return 2.0;
    }

    protected function overload(): Overload
    {
        return Overload::inFanMotor($this->part->number('fla'));
    }

    protected function ownFaults(): array
    {
        return [
            new FaultMode('overload-open', 'thermal overload open', 0.8),
            new FaultMode('seized', 'bearings seized', 2.0),
        ];
    }
}

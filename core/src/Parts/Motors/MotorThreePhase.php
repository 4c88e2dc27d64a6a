<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Parts\Sign;

/** A fan or blower motor on three phases, with or without an overload in its windings. */
final class MotorThreePhase extends ThreePhaseLoad
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('motor-three-phase', 'Fan motor, three phase', ['T1', 'T2', 'T3'], [
            ...self::motorFields(1746),
            Field::choice('overload', 'where its overload is', ['inside', 'outside']),
        ],
            usual: ['volts' => 460, 'fla' => 4.8, 'lra' => 32, 'power_factor' => 0.82, 'winding_ohms' => 6.5],
        );
    }

    #[\Override]
    protected function overload(): ?Overload
    {
        return $this->part->text('overload') === 'outside' ? null : parent::overload();
    }

    #[\Override]
    protected function ownFaults(): array
    {
        return [
            new FaultMode('overload-open', 'thermal overload open', 0.8, signs: Sign::OVERHEATED),
            new FaultMode('seized', 'bearings seized', 1.5, signs: Sign::SEIZED),
        ];
    }
}

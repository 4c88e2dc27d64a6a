<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\FaultMode;

/** The unit's disconnect; its fuses are parts of their own, so that each can be read. */
final class Disconnect extends TwoPoleSwitch
{
    public static function definition(): Definition
    {
        return new Definition('disconnect', 'Disconnect, two pole', ['L1', 'L2', 'T1', 'T2'], self::switchFields());
    }

    public function faults(): array
    {
        return [new FaultMode('pole1-open', 'blade 1 does not make', 0.3), new FaultMode('pole2-open', 'blade 2 does not make', 0.3)];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\FaultMode;

/** A hermetic single-phase compressor with an internal overload in its common lead. */
final class CompressorPsc extends CapacitorMotor
{
    use Hermetic;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('compressor-psc', 'Compressor, permanent split capacitor', ['C', 'S', 'R'], [
            ...self::motorFields(3450),
            ...self::hermeticFields(),
        ]);
    }

    #[\Override]
    protected function breakaway(): float
    {
        return 0.045;
    }

    #[\Override]
    protected function ownFaults(): array
    {
        return [
            new FaultMode('overload-open', 'internal overload open (hot)', 2.0),
            new FaultMode('seized', 'seized', 1.2),
        ];
    }
}

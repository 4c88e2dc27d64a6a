<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;

/** A hermetic single-phase compressor with an internal overload in its common lead. */
final class CompressorPsc extends CapacitorMotor
{
    use Hermetic;

    /** How often its internal overload is what is open. */
    private const OVERLOAD_WEIGHT = 2.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('compressor-psc', 'Compressor, permanent split capacitor', ['C', 'S', 'R'], [
            ...self::motorFields(3450),
            ...self::hermeticFields(),
        ],
            usual: ['volts' => 240, 'fla' => 14.1, 'lra' => 73, 'run_ohms' => 0.72, 'start_ohms' => 1.9, 'capacitor_uf' => 40],
        );
    }

    #[\Override]
    protected function breakaway(): float
    {
        return 0.045;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;

/** A hermetic or scroll compressor on three phases with an internal overload that opens all three windings at the star point. */
final class CompressorThreePhase extends ThreePhaseLoad
{
    use Hermetic;

    /** How often its internal overload is what is open. */
    private const OVERLOAD_WEIGHT = 1.5;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('compressor-three-phase', 'Compressor, three phase', ['T1', 'T2', 'T3'], [
            ...self::motorFields(3500),
            ...self::hermeticFields(),
        ],
            usual: ['volts' => 460, 'fla' => 9.7, 'lra' => 62, 'winding_ohms' => 2.9],
        );
    }

    #[\Override]
    protected function breakaway(): float
    {
        return 0.3;
    }
}

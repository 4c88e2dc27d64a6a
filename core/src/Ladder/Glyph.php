<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Parts\SymbolShape;

/**
 * The strokes of each symbol as SVG path data, centred on 0,0 between leads at −46,0 and 46,0.
 *
 * General ladder conventions: two bars for a contact, a circle for a coil or motor, a zigzag for a resistor.
 */
final class Glyph
{
    /** Strokes; for what can open, as it is when open. */
    public static function open(SymbolShape $shape): string
    {
        return match ($shape) {
            SymbolShape::Switch => 'M-46 0H-20M20 0H46M-16 -2L15 -18'.self::ring(-18, 3).self::ring(18, 3),
            SymbolShape::Pressure => 'M-46 0H-20M20 0H46M-16 2L15 16M0 10V24M-9 24A9 9 0 0 1 9 24Z'.self::ring(-18, 3).self::ring(18, 3),
            SymbolShape::Contact => 'M-46 0H-9M9 0H46M-9 -15V15M9 -15V15',
            SymbolShape::Link => 'M-46 0H46M-18 -5H18V5H-18Z',
            SymbolShape::Fuse => 'M-46 0H-24M24 0H46M-24 -8H24V8H-24ZM-24 0H-8M8 0H24',
            SymbolShape::Coil => 'M-46 0H-19M19 0H46'.self::ring(0, 19),
            SymbolShape::Motor => 'M-46 0H-21M21 0H46'.self::ring(0, 21),
            // its leads are drawn with their lines
            SymbolShape::ThreePhaseMotor => 'M-46 0H-30'.self::ring(0, 30),
            SymbolShape::Winding => 'M-46 0H-32M32 0H46'.self::humps(),
            SymbolShape::Capacitor => 'M-46 0H-5M-5 -15V15M7 -15A18 18 0 0 0 7 15M3 0H46',
            SymbolShape::Resistor => 'M-46 0H-30L-25 -9L-15 9L-5 -9L5 9L15 -9L25 9L30 0H46',
            SymbolShape::Board => 'M-46 0H-24M24 0H46M-24 -16H24V16H-24Z',
            SymbolShape::Sense => 'M-46 0H-12M12 0H46M0 -12L12 0L0 12L-12 0Z',
            SymbolShape::Valve => 'M-46 0H-18M18 0H46M-18 -12L18 12V-12L-18 12Z',
            SymbolShape::Thermal => 'M-46 0H-20M20 0H46M-16 -2L15 -18M0 -9V8H6V14H-6V20'.self::ring(-18, 3).self::ring(18, 3),
            SymbolShape::Primary => 'M-46 0H-32M32 0H46'.self::humps().'M-32 9H32M-32 13H32',
            SymbolShape::Secondary => 'M-46 0H-32M32 0H46'.self::humps().'M-32 -21H32M-32 -25H32',
            SymbolShape::Cell => 'M-46 0H-11M11 0H46M-11 -16V16M-4 -8V8M4 -16V16M11 -8V8',
        };
    }

    /** Strokes when closed; the same for what cannot open. */
    public static function closed(SymbolShape $shape): string
    {
        return match ($shape) {
            SymbolShape::Switch => 'M-46 0H-20M20 0H46M-16 -2L16 -3'.self::ring(-18, 3).self::ring(18, 3),
            SymbolShape::Pressure => 'M-46 0H-20M20 0H46M-16 2L16 3M0 3V18M-9 22A9 9 0 0 1 9 22Z'.self::ring(-18, 3).self::ring(18, 3),
            SymbolShape::Thermal => 'M-46 0H-20M20 0H46M-16 -2L16 -3M0 -2V8H6V14H-6V20'.self::ring(-18, 3).self::ring(18, 3),
            SymbolShape::Contact => 'M-46 0H46M-9 -15V15M9 -15V15',
            SymbolShape::Fuse => 'M-46 0H46M-24 -8H24V8H-24Z',
            default => self::open($shape),
        };
    }

    /** How far it reaches to either side of its middle at the height where points are named. */
    public static function reach(SymbolShape $shape): float
    {
        return match ($shape) {
            SymbolShape::Contact => 10.0,
            SymbolShape::Capacitor, SymbolShape::Sense, SymbolShape::Cell => 12.0,
            SymbolShape::Coil, SymbolShape::Motor, SymbolShape::Switch, SymbolShape::Thermal, SymbolShape::Pressure => 21.0,
            SymbolShape::Winding, SymbolShape::Primary, SymbolShape::Secondary, SymbolShape::Resistor => 33.0,
            default => 24.0,
        };
    }

    /** Lines drawn beside its middle, so high and so low. */
    public const HALF = 30.0;

    /** From the middle of a symbol to the end of its leads. */
    public const LEAD = 46.0;

    private static function ring(int $x, int $r): string
    {
        return sprintf('M%d 0A%d %d 0 1 1 %d 0A%d %d 0 1 1 %d 0', $x - $r, $r, $r, $x + $r, $r, $r, $x - $r);
    }

    private static function humps(): string
    {
        return 'M-32 0A8 9 0 0 1 -16 0A8 9 0 0 1 0 0A8 9 0 0 1 16 0A8 9 0 0 1 32 0';
    }
}

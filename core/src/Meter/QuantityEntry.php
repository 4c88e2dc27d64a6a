<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Circuit\Quantity;
use Levin\Core\Units\Dimension;
use Levin\Core\Units\NotTyped;
use Levin\Core\Units\Typed;

/** What someone read off a gauge, a thermometer or a manometer, in the unit it shows. */
final readonly class QuantityEntry
{
    /** What circuits write in each unit. Pressures are gauge pressures. */
    private const DIMENSIONS = ['kPa' => Dimension::Pressure, 'Pa' => Dimension::AirPressure, '°C' => Dimension::Temperature];

    /** @param  float  $value  in the quantity's own unit */
    private function __construct(public float $value)
    {
    }

    /** @return list<string> as they are written, the circuit's own first; none of what no instrument reads */
    public static function units(Quantity $quantity): array
    {
        $dimension = self::DIMENSIONS[$quantity->unit] ?? null;

        return $dimension === null ? [] : [$quantity->unit, ...array_values(array_diff($dimension->symbols(), [$quantity->unit]))];
    }

    /**
     * A number with its unit; without one it is in the circuit's.
     *
     * @throws BadQuantity saying what is wrong and what to type
     */
    public static function parse(Quantity $quantity, string $text): self
    {
        $dimension = self::DIMENSIONS[$quantity->unit] ?? throw BadQuantity::notMeasured($quantity);
        $own = $dimension->unit($quantity->unit) ?? throw BadQuantity::notMeasured($quantity);
        try {
            $typed = Typed::read($text);
        } catch (NotTyped) {
            throw BadQuantity::notANumber($quantity, mb_substr(trim($text), 0, Typed::LONGEST), self::units($quantity));
        }
        $unit = $typed->unit === ''
            ? $own
            : $dimension->unit($typed->unit) ?? throw BadQuantity::otherUnit($quantity, $typed->unit, self::units($quantity));
        $si = $unit->toSi($typed->number);

        return abs($si) <= $dimension->most() ? new self($own->fromSi($si)) : throw BadQuantity::offTheScale($quantity, $text);
    }
}

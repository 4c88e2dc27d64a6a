<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Data;
use Levin\Core\Units\Dimension;

/** A quantity that people of the trade write in different units. */
final readonly class PreferenceData extends Data
{
    /** Of these everyone has a habit; of the others the number says which unit it is in. */
    private const HABITS = [
        Dimension::Temperature, Dimension::TemperatureDifference, Dimension::Pressure, Dimension::AirPressure, Dimension::AirFlow,
        Dimension::Length, Dimension::WireSize,
    ];

    /** @param  list<string>  $units  the usual one first */
    private function __construct(public string $dimension, public array $units)
    {
    }

    /**
     * @param  array<string, string>  $preferred  symbol by dimension
     * @return array<string, string> the same with the usual ones where there is no preference
     */
    public static function with(array $preferred): array
    {
        $units = [];
        foreach (self::HABITS as $dimension) {
            $units[$dimension->value] = $preferred[$dimension->value] ?? $dimension->usual()->symbol;
        }

        return $units;
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static fn (Dimension $d): self => new self($d->value, $d->symbols()), self::HABITS);
    }
}

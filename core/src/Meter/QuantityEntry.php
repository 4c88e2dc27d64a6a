<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Circuit\Quantity;

/** What someone read off a gauge, a thermometer or a manometer, in the unit it shows. */
final readonly class QuantityEntry
{
    /** Each unit by the one that circuits are written in: factor, and what is added first. Pressures are gauge pressures. */
    private const UNITS = [
        'kPa' => ['kpa' => [1.0, 0.0], 'psi' => [6.894757, 0.0], 'psig' => [6.894757, 0.0], 'bar' => [100.0, 0.0], 'mpa' => [1000.0, 0.0]],
        'Pa' => ['pa' => [1.0, 0.0], 'in w.c.' => [249.089, 0.0], 'inwc' => [249.089, 0.0], '"wc' => [249.089, 0.0], '"' => [249.089, 0.0],
            'mbar' => [100.0, 0.0], 'kpa' => [1000.0, 0.0]],
        '°C' => ['°c' => [1.0, 0.0], 'c' => [1.0, 0.0], '°f' => [5 / 9, -32.0], 'f' => [5 / 9, -32.0]],
    ];

    /** Characters of an entry. */
    private const LONGEST = 24;

    /** More than any instrument of the trade shows is a slip: of the decimal, or of the unit. [practice, no published source] */
    private const MOST = ['kPa' => 10000.0, 'Pa' => 5000.0, '°C' => 1000.0];

    /** @param  float  $value  in the quantity's own unit */
    private function __construct(public float $value)
    {
    }

    /** @return list<string> as they are written, the circuit's own first */
    public static function units(Quantity $quantity): array
    {
        return match ($quantity->unit) {
            'kPa' => ['kPa', 'psi', 'bar'],
            'Pa' => ['Pa', 'in w.c.'],
            '°C' => ['°C', '°F'],
            default => [],
        };
    }

    /**
     * A number with its unit; without one it is in the circuit's.
     *
     * @throws BadQuantity saying what is wrong and what to type
     */
    public static function parse(Quantity $quantity, string $text): self
    {
        $text = trim($text);
        $units = self::UNITS[$quantity->unit] ?? throw BadQuantity::notMeasured($quantity);
        if ($text === '' || mb_strlen($text) > self::LONGEST
            || preg_match('/^([+-]?(?:\d+\.?\d*|\.\d+))\s*(\D*)$/u', str_replace([',', '−'], ['.', '-'], $text), $m) !== 1) {
            throw BadQuantity::notANumber($quantity, mb_substr($text, 0, self::LONGEST), self::units($quantity));
        }
        $unit = mb_strtolower(trim($m[2]));
        [$factor, $plus] = $unit === ''
            ? [1.0, 0.0]
            : $units[$unit] ?? throw BadQuantity::otherUnit($quantity, $m[2], self::units($quantity));
        $value = ((float) $m[1] + $plus) * $factor;

        return abs($value) <= self::MOST[$quantity->unit]
            ? new self($value)
            : throw BadQuantity::offTheScale($quantity, $text);
    }
}

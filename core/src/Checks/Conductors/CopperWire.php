<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Conductors;

use Levin\Core\Units\AwgUnit;

/** Copper conductors by gauge: what they may carry, and their ohms. */
enum CopperWire: string
{
    case Awg14 = '14';
    case Awg12 = '12';
    case Awg10 = '10';
    case Awg8 = '8';
    case Awg6 = '6';
    case Awg4 = '4';
    case Awg3 = '3';
    case Awg2 = '2';
    case Awg1 = '1';
    case Awg0 = '1/0';
    case Awg00 = '2/0';
    case Awg000 = '3/0';
    case Awg0000 = '4/0';

    /** Sizes that are this near are the same. [practice] */
    private const NEAR = 0.01;

    /** Feet of the table in metres. */
    private const TABLE_LENGTH = 304.8;

    /** Amperes in raceway at 30 °C, terminals of 60 °C: NEC table 310.16, from memory. */
    private const AT_60 = [
        '14' => 15.0,
        '12' => 20.0,
        '10' => 30.0,
        '8' => 40.0,
        '6' => 55.0,
        '4' => 70.0,
        '3' => 85.0,
        '2' => 95.0,
        '1' => 110.0,
        '1/0' => 125.0,
        '2/0' => 145.0,
        '3/0' => 165.0,
        '4/0' => 195.0,
    ];

    /** The same, terminals of 75 °C: NEC table 310.16, from memory. */
    private const AT_75 = [
        '14' => 20.0,
        '12' => 25.0,
        '10' => 35.0,
        '8' => 50.0,
        '6' => 65.0,
        '4' => 85.0,
        '3' => 100.0,
        '2' => 115.0,
        '1' => 130.0,
        '1/0' => 150.0,
        '2/0' => 175.0,
        '3/0' => 200.0,
        '4/0' => 230.0,
    ];

    /** Ohms of a thousand feet, stranded, uncoated, direct current, 75 °C: NEC chapter 9 table 8, from memory. */
    private const OHMS = [
        '14' => 3.14,
        '12' => 1.98,
        '10' => 1.24,
        '8' => 0.778,
        '6' => 0.491,
        '4' => 0.308,
        '3' => 0.245,
        '2' => 0.194,
        '1' => 0.154,
        '1/0' => 0.122,
        '2/0' => 0.0967,
        '3/0' => 0.0766,
        '4/0' => 0.0608,
    ];

    /** m² of its copper (ASTM B258). */
    public function area(): float
    {
        $gauge = (int) $this->value;

        return (new AwgUnit)->toSi(str_contains($this->value, '/') ? 1 - $gauge : $gauge);
    }

    /** The thickest that is no thicker than so many m²; null where that is thinner than all of these. */
    public static function within(float $area): ?self
    {
        $found = null;
        foreach (self::cases() as $size) {
            $found = $size->area() <= (1 + self::NEAR) * $area ? $size : $found;
        }

        return $found;
    }

    /** Amperes it may carry. */
    public function amps(bool $isWarm): float
    {
        return ($isWarm ? self::AT_75 : self::AT_60)[$this->value];
    }

    /** Of so many metres, one way. */
    public function ohms(float $metres): float
    {
        return self::OHMS[$this->value] * $metres / self::TABLE_LENGTH;
    }

    /** The thinnest that may carry so much; none of these where it takes more. */
    public static function carrying(float $amps, bool $isWarm): ?self
    {
        foreach (self::cases() as $size) {
            if ($size->amps($isWarm) >= $amps) {
                return $size;
            }
        }

        return null;
    }
}

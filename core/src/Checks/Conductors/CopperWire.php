<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Conductors;

/**
 * Copper conductors by gauge: what they may carry, and their ohms.
 *
 * Amperes in raceway at 30 °C by terminals of 60 and 75 °C: NEC table 310.16. Ohms of a thousand feet, stranded, uncoated, direct
 * current, 75 °C: NEC chapter 9 table 8. Both from memory.
 */
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

    /** Feet of the table in metres. */
    private const TABLE_LENGTH = 304.8;

    /** @return array{float, float, float} amperes at 60 °C and at 75 °C, ohms of the table's length */
    private function row(): array
    {
        return match ($this) {
            self::Awg14 => [15.0, 20.0, 3.14],
            self::Awg12 => [20.0, 25.0, 1.98],
            self::Awg10 => [30.0, 35.0, 1.24],
            self::Awg8 => [40.0, 50.0, 0.778],
            self::Awg6 => [55.0, 65.0, 0.491],
            self::Awg4 => [70.0, 85.0, 0.308],
            self::Awg3 => [85.0, 100.0, 0.245],
            self::Awg2 => [95.0, 115.0, 0.194],
            self::Awg1 => [110.0, 130.0, 0.154],
            self::Awg0 => [125.0, 150.0, 0.122],
            self::Awg00 => [145.0, 175.0, 0.0967],
            self::Awg000 => [165.0, 200.0, 0.0766],
            self::Awg0000 => [195.0, 230.0, 0.0608],
        };
    }

    /** Amperes it may carry. */
    public function amps(bool $isWarm): float
    {
        return $this->row()[$isWarm ? 1 : 0];
    }

    /** Of so many metres, one way. */
    public function ohms(float $metres): float
    {
        return $this->row()[2] * $metres / self::TABLE_LENGTH;
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

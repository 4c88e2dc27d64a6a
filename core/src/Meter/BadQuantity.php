<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Circuit\Quantity;

/** Something was typed for a pressure or temperature that cannot be one. The message says what to type instead. */
final class BadQuantity extends MeterException
{
    private function __construct(string $message)
    {
        parent::__construct($message);
    }

    public static function notMeasured(Quantity $quantity): self
    {
        return new self("\"$quantity->label\" is not something that an instrument reads.");
    }

    /** @param  list<string>  $units */
    public static function notANumber(Quantity $quantity, string $text, array $units): self
    {
        $say = implode(' or ', $units);

        return new self(($text === '' ? 'Nothing was entered.' : "\"$text\" is not a reading of $quantity->label.")
            ." Type a number with its unit: $say.");
    }

    /** @param  list<string>  $units */
    public static function otherUnit(Quantity $quantity, string $unit, array $units): self
    {
        return new self("\"$unit\" is not a unit of $quantity->label. Use ".implode(' or ', $units).'.');
    }

    public static function offTheScale(Quantity $quantity, string $text): self
    {
        return new self("$text is more than $quantity->label can be. Look at the decimal and the unit again.");
    }
}

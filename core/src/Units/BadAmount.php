<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/** Something was typed that cannot be the quantity it was typed for. The message says what to type instead. */
final class BadAmount extends UnitsException
{
    private function __construct(string $message)
    {
        parent::__construct($message);
    }

    public static function nothing(Dimension $dimension): self
    {
        return new self('Nothing was entered. Type a number'.self::units($dimension).'.');
    }

    public static function tooLong(Dimension $dimension, int $longest): self
    {
        return new self("That is longer than $longest characters. Type a number".self::units($dimension).'.');
    }

    public static function twoWays(string $text): self
    {
        return new self("\"$text\" can be read in two ways. Type it with a point for the decimals and no comma.");
    }

    public static function notANumber(Dimension $dimension, string $text): self
    {
        return new self("\"$text\" is not a number. Type one".self::units($dimension).'.');
    }

    public static function otherUnit(Dimension $dimension, string $text, string $unit): self
    {
        return new self("\"$text\": \"$unit\" is not a unit of $dimension->value. Use".self::units($dimension, '').'.');
    }

    public static function negative(Dimension $dimension, string $text): self
    {
        $leads = $dimension->hasLeads() ? ', or swap the leads and read again' : '';

        return new self("$text: there is no $dimension->value below nothing. Leave out the sign$leads.");
    }

    public static function offTheScale(Dimension $dimension, string $text): self
    {
        return new self("$text is more than any $dimension->value of this trade. Look at the decimal and the unit again.");
    }

    private static function units(Dimension $dimension, string $in = ', in'): string
    {
        $symbols = array_filter($dimension->symbols(), static fn (string $symbol): bool => $symbol !== '');

        return $symbols === [] ? '' : "$in ".implode(' or ', $symbols);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/** A reading was typed that cannot be one. The message says what to type instead. */
final class BadEntry extends MeterException
{
    private function __construct(public readonly MeterFunction $function, public readonly string $text, string $message)
    {
        parent::__construct($message);
    }

    public static function nothing(MeterFunction $function): self
    {
        return new self($function, '', "Nothing was entered. Type what the meter shows, such as {$function->example()}, or OL.");
    }

    public static function tooLong(MeterFunction $function, int $most): self
    {
        return new self($function, '', "That is too long for a reading. Type what the meter shows, in at most $most characters.");
    }

    public static function notANumber(MeterFunction $function, string $text): self
    {
        return new self($function, $text, "\"$text\" is not a reading. Type a number such as {$function->example()}, or OL.");
    }

    /** A comma before three digits groups thousands in some places and begins decimals in others. */
    public static function twoWays(MeterFunction $function, string $text): self
    {
        $whole = str_replace(',', '', $text);
        $point = str_replace(',', '.', $text);

        return new self($function, $text, "\"$text\" can be read two ways. Type $whole, or $point if the comma begins the decimals.");
    }

    public static function otherUnit(MeterFunction $function, string $text, string $unit): self
    {
        return new self(
            $function,
            $text,
            "\"$unit\" is not a unit of this test, which reads in {$function->unit()}. Type a number such as {$function->example()}, or "
                .'change the function.',
        );
    }

    public static function negative(MeterFunction $function, string $text): self
    {
        return new self($function, $text, 'This reading cannot be negative. Swap the probes or read the display again.');
    }

    public static function offTheScale(MeterFunction $function, string $text): self
    {
        return new self(
            $function,
            $text,
            "$text is more than any service meter can show here. Read the display again; if it shows OL, enter OL.",
        );
    }
}

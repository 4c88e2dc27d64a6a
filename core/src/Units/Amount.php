<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/** What someone typed for a quantity: a number with its unit, or without one in the field's. */
final readonly class Amount
{
    /** Horsepower and inches come in these: 1/3, 1 1/2. */
    private const FRACTION = '/^(?:(\d+)[\s-]+)?(\d+)\/([1-9]\d*)(?=[^\d\/]|$)/';

    /** @param  float|null  $value  SI; null where the meter was over its range */
    private function __construct(public ?float $value, public Unit $unit)
    {
    }

    public static function of(float $si, Unit $unit): self
    {
        return new self($si, $unit);
    }

    /**
     * @param  Unit|null  $field  what a bare number is in; the usual one where none is said
     *
     * @throws BadAmount saying what is wrong and what to type
     */
    public static function parse(Dimension $dimension, string $text, ?Unit $field = null): self
    {
        $field ??= $dimension->usual();
        if (self::isOver($dimension, $text)) {
            return new self(null, $field);
        }
        $text = trim($text);
        try {
            $typed = Typed::read($dimension === Dimension::WireSize ? self::aught($dimension, $text) : self::whole($text));
        } catch (NotTyped $e) {
            throw match ($e->fault) {
                TypingFault::Nothing => BadAmount::nothing($dimension),
                TypingFault::TooLong => BadAmount::tooLong($dimension, Typed::LONGEST),
                TypingFault::TwoWays => BadAmount::twoWays($text),
                TypingFault::NoNumber => BadAmount::notANumber($dimension, $text),
            };
        }
        $unit = $typed->unit === ''
            ? $field
            : $dimension->unit($typed->unit) ?? throw BadAmount::otherUnit($dimension, $text, $typed->unit);
        $value = $unit->toSi($typed->number);
        if ($value < 0.0 && ! $dimension->isSigned()) {
            throw BadAmount::negative($dimension, $text);
        }

        return abs($value) <= $dimension->most() ? new self($value, $unit) : throw BadAmount::offTheScale($dimension, $text);
    }

    /** With a fraction as a decimal number. */
    private static function whole(string $text): string
    {
        return (string) preg_replace_callback(
            self::FRACTION,
            static fn (array $m): string => (string) ((float) $m[1] + (float) $m[2] / (float) $m[3]),
            $text,
        );
    }

    /**
     * Gauges thicker than 1 are written 1/0 to 4/0, and counted on below it; nobody writes a minus.
     *
     * @throws BadAmount
     */
    private static function aught(Dimension $dimension, string $text): string
    {
        if (preg_match('/^[-−]/u', $text) === 1) {
            throw BadAmount::negative($dimension, $text);
        }

        return preg_match('/^([1-4])\/0(?!\d)(.*)$/s', $text, $m) === 1 ? (1 - (int) $m[1]).$m[2] : $text;
    }

    /** Whether a meter said that it was over its range: something only ohms are. */
    private static function isOver(Dimension $dimension, string $text): bool
    {
        return in_array($dimension, [Dimension::Resistance, Dimension::Insulation, Dimension::Capacitance], true)
            && Typed::isOver($text);
    }
}

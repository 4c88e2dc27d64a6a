<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Units\NotTyped;
use Levin\Core\Units\Typed;
use Levin\Core\Units\TypingFault;

/**
 * What someone typed for a reading: a number with or without its unit, or OL.
 */
final readonly class Entry
{
    /** @param  float|null  $value SI; null for OL */
    private function __construct(public ?float $value)
    {
    }

    /** @throws BadEntry saying what is wrong and what to type */
    public static function parse(MeterFunction $function, string $text): self
    {
        $text = trim($text);
        if (Typed::isOver($text)) {
            return new self(null);
        }
        try {
            $typed = Typed::read($text);
        } catch (NotTyped $e) {
            throw match ($e->fault) {
                TypingFault::Nothing => BadEntry::nothing($function),
                TypingFault::TooLong => BadEntry::tooLong($function, Typed::LONGEST),
                TypingFault::TwoWays => BadEntry::twoWays($function, $text),
                TypingFault::NoNumber => BadEntry::notANumber($function, $text),
            };
        }
        $dimension = $function->dimension();
        $unit = $typed->unit === ''
            ? $dimension->usual()
            : $dimension->unit($typed->unit) ?? throw BadEntry::otherUnit($function, $text, $typed->unit);
        $value = $unit->toSi($typed->number);
        if ($value < 0.0 && ! $function->isSigned()) {
            throw BadEntry::negative($function, $text);
        }

        return abs($value) <= $function->most() ? new self($value) : throw BadEntry::offTheScale($function, $text);
    }
}

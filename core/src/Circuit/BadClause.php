<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/** A clause of a rule has none of the forms there are. */
final class BadClause extends CircuitException
{
    private function __construct(public readonly string $text)
    {
        parent::__construct("\"$text\" is not a clause. Write a condition (call_cool), a part and what is seen of it (COMP runs), "
            .'or a quantity and a level (head_pressure > 2800), with "not" before it to turn it round.');
    }

    public static function of(string $text): self
    {
        return new self($text);
    }
}

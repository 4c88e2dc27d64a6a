<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/** A circuit cannot be changed in that way: nothing of it has changed. */
final class CannotEdit extends DraftingException
{
    public static function taken(string $name): self
    {
        return new self("There is a $name already. Take another name.");
    }

    public static function name(string $name, string $rule): self
    {
        return new self("\"$name\" is no name for it: $rule.");
    }

    public static function none(string $what, string $name): self
    {
        return new self("There is no $what \"$name\" in this circuit.");
    }

    /** @param  list<string>  $known */
    public static function kind(string $kind, array $known): self
    {
        return new self("There is no kind \"$kind\". Kinds are: ".implode(', ', $known).'.');
    }

    public static function isEarth(string $part): self
    {
        return new self("All voltages are counted from a point of $part: it stays.");
    }

    public static function unknownVerb(string $verb, string ...$known): self
    {
        return new self("\"$verb\" is nothing that is done to a circuit. It can be: ".implode(', ', $known).'.');
    }

    public static function words(string $usage): self
    {
        return new self("Say it like this: $usage");
    }
}

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

    /** @param  list<string>  $wires */
    public static function several(array $wires): self
    {
        return new self('There are several wires between those points: say which, '.implode(' or ', $wires).'.');
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

    /** @param  list<string>  $terminals  that have wires and that the other kind has not */
    public static function nowhere(string $part, string $kind, array $terminals, string $has): self
    {
        $left = implode(', ', $terminals);

        return new self("A $kind has $has. Say where the wires of $part on $left go, such as {$terminals[0]}=".explode(', ', $has)[0].'.');
    }

    public static function between(string $kind): self
    {
        return new self("A $kind has more than two terminals: say which one the wire goes to, and which one it goes on from.");
    }

    public static function notInSeries(string $part): self
    {
        return new self("$part does not lie in series in one wire: take it out, or land its wires elsewhere one by one.");
    }

    public static function ownTerminals(string $part): self
    {
        return new self("The terminals of $part are those of its kind. Take another kind, or land its wires on other ones.");
    }

    public static function wired(string $point): self
    {
        return new self("There are wires on $point: land them elsewhere first.");
    }

    public static function noBoard(string $part): self
    {
        return new self("$part is no control board: it has no steps.");
    }

    public static function last(string $part): self
    {
        return new self("It is the last terminal of $part: take the part out instead.");
    }

    /** @param  list<string>  $known */
    public static function oneOf(string $what, string $given, array $known): self
    {
        return new self("\"$given\" is no $what. It can be: ".implode(', ', $known).'.');
    }

    public static function used(string $name, string $by): self
    {
        return new self("\"$name\" is used by $by.");
    }

    public static function step(string $line): self
    {
        return new self("\"$line\" is not understood. A step says: "
            .'lamp WORDS, on OUTPUT OUTPUT, to STEP if INPUT and not INPUT for SECONDS, count NAME, clear NAME.');
    }
}

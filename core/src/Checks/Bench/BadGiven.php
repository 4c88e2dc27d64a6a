<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

use Levin\Core\Checks\ChecksException;
use Levin\Core\Units\BadAmount;
use Levin\Core\Units\Unit;

/** What was given to a check cannot be judged. The message says what is wrong and what to do. */
final class BadGiven extends ChecksException
{
    /**
     * @param  string  $entry  the name of what is wrong; empty where it is several together
     * @param  bool  $isMissing  whether nothing is wrong but that it is not there yet
     */
    private function __construct(
        public readonly string $entry,
        string $message,
        ?\Throwable $because = null,
        public readonly bool $isMissing = false,
    ) {
        parent::__construct($message, previous: $because);
    }

    public static function amount(Entry $entry, BadAmount $because): self
    {
        return new self($entry->name, "$entry->label: {$because->getMessage()}", $because);
    }

    public static function missing(Entry $entry): self
    {
        return new self($entry->name, "$entry->label is missing.", isMissing: true);
    }

    public static function nothing(Entry $entry): self
    {
        return new self($entry->name, "$entry->label cannot be zero. Read it again, or leave it out where it may be left out.");
    }

    /** What a plate in a circuit file cannot say. */
    public static function outside(Entry $entry, float $least, float $most, Unit $unit): self
    {
        return new self($entry->name, sprintf('%s must be from %g to %g %s.', $entry->label, $least, $most, $unit->symbol));
    }

    public static function over(Entry $entry): self
    {
        return new self($entry->name, "$entry->label cannot be OL: it is on a plate, or known. Type its number, or leave it out.");
    }

    public static function noSuchChoice(Entry $entry, string $given): self
    {
        return new self($entry->name, "$entry->label cannot be \"$given\". Choose one of: ".implode(', ', $entry->choices).'.');
    }

    public static function tooLong(Entry $entry, int $longest): self
    {
        return new self($entry->name, "$entry->label is longer than $longest characters.");
    }

    /** @param  list<string>  $there */
    public static function unknown(string $name, array $there): self
    {
        return new self($name, "There is no \"$name\" to give. There is: ".implode(', ', $there).'.');
    }

    /** @param  list<string>  $there */
    public static function noCheck(string $name, array $there): self
    {
        return new self('', "There is no check \"$name\". There are: ".implode(', ', $there).'.');
    }

    /** What cannot be so together. */
    public static function cannotBe(string $message, string $entry = ''): self
    {
        return new self($entry, $message);
    }
}

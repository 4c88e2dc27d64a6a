<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

use Levin\Core\Units\Dimension;
use Levin\Core\Units\Unit;

/** Something that is read off a meter or a plate, named or chosen, for a check. */
final readonly class Entry
{
    /**
     * @param  list<string>  $choices  of a choice, the usual one first
     * @param  string  $usual  of a word
     * @param  Habit|null  $habit  that a shop has of choosing it
     * @param  bool  $isRead  off a meter, which may show nothing or be over its range; what is on a plate is neither
     */
    private function __construct(
        public EntryKind $kind,
        public string $name,
        public string $label,
        public Dimension $dimension = Dimension::Number,
        public bool $isRequired = false,
        public bool $isRead = false,
        public array $choices = [],
        public string $usual = '',
        public ?Habit $habit = null,
    ) {
    }

    /** A number that must be there. */
    public static function number(string $name, string $label, Dimension $dimension, bool $isRead = false): self
    {
        return new self(EntryKind::Number, $name, $label, $dimension, true, $isRead);
    }

    /** A number that helps. */
    public static function maybe(string $name, string $label, Dimension $dimension, bool $isRead = false): self
    {
        return new self(EntryKind::Number, $name, $label, $dimension, false, $isRead);
    }

    /** Several numbers, in their order, that help. */
    public static function row(string $name, string $label, Dimension $dimension, bool $isRead = false): self
    {
        return new self(EntryKind::Row, $name, $label, $dimension, false, $isRead);
    }

    /** @param  non-empty-list<string>  $choices  the first is taken where none is chosen */
    public static function choice(string $name, string $label, array $choices): self
    {
        return new self(EntryKind::Choice, $name, $label, choices: $choices);
    }

    /** Something that a shop always chooses the same. */
    public static function habit(string $name, string $label, Habit $habit): self
    {
        return new self(EntryKind::Choice, $name, $label, choices: $habit->choices(), habit: $habit);
    }

    /** What people call it: a lead by its colour. */
    public static function word(string $name, string $label, string $usual): self
    {
        return new self(EntryKind::Word, $name, $label, usual: $usual);
    }

    /**
     * What a bare number is in.
     *
     * @param  list<self>  $entries
     * @param  array<string, string>  $symbols  by the entry's name
     * @return array<string, Unit> by the same; a unit that it does not have is left out
     */
    public static function units(array $entries, array $symbols): array
    {
        $units = [];
        foreach ($entries as $entry) {
            $unit = $entry->dimension->unit($symbols[$entry->name] ?? '');
            $units += $unit === null ? [] : [$entry->name => $unit];
        }

        return $units;
    }
}

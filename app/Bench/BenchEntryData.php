<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\EntryKind;
use Levin\Core\Checks\Bench\Habits;

/** What a check takes: read off a meter or a plate, chosen, or a name. */
final readonly class BenchEntryData extends Data
{
    /**
     * @param  string  $dimension  what a number is of
     * @param  list<string>  $units  a number may be typed in, the usual one first
     * @param  bool  $isRead  off a meter, which may be over its range
     * @param  list<string>  $choices  the usual one first
     * @param  string  $usual  what a name is when none is given
     */
    private function __construct(
        public EntryKind $kind,
        public string $name,
        public string $label,
        public string $dimension,
        public array $units,
        public bool $isRequired,
        public bool $isRead,
        public array $choices,
        public string $usual,
    ) {
    }

    public static function of(Entry $entry, Habits $habits): self
    {
        return new self(
            $entry->kind,
            $entry->name,
            $entry->label,
            $entry->dimension->value,
            $entry->dimension->symbols(),
            $entry->isRequired,
            $entry->isRead,
            self::usualFirst($entry->choices, $entry->habit === null ? '' : $habits->of($entry->habit)),
            $entry->usual,
        );
    }

    /**
     * @param  list<string>  $choices
     * @return list<string>
     */
    private static function usualFirst(array $choices, string $usual): array
    {
        return in_array($usual, $choices, true) ? [$usual, ...array_values(array_diff($choices, [$usual]))] : $choices;
    }
}

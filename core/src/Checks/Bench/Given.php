<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

use Levin\Core\Units\Amount;
use Levin\Core\Units\BadAmount;
use Levin\Core\Units\Unit;

/** What was given to a check, each piece as what it is. */
final readonly class Given
{
    /** Characters of a word. */
    private const LONGEST = 24;

    /**
     * @param  array<string, non-empty-list<float|null>>  $numbers  SI by name, null for a meter over its range; only those given
     * @param  array<string, string>  $words  chosen or named, by name
     */
    private function __construct(private array $numbers, private array $words)
    {
    }

    /**
     * @param  list<Entry>  $entries
     * @param  array<string, string>  $typed  by name
     * @param  array<string, Unit>  $units  what a bare number is in, by name; the usual one of the rest
     *
     * @throws BadGiven
     */
    public static function from(array $entries, array $typed, array $units = []): self
    {
        $names = array_map(static fn (Entry $e): string => $e->name, $entries);
        foreach (array_diff(array_keys($typed), $names) as $name) {
            throw BadGiven::unknown($name, $names);
        }
        $numbers = $words = [];
        $missing = null;
        foreach ($entries as $entry) {
            $text = trim($typed[$entry->name] ?? '');
            // what is wrong is said before what is not there yet
            $missing ??= $text === '' && $entry->isRequired ? $entry : null;
            match ($entry->kind) {
                EntryKind::Choice => $words[$entry->name] = self::chosen($entry, $text),
                EntryKind::Word => $words[$entry->name] = self::named($entry, $text),
                EntryKind::Number, EntryKind::Row => $numbers += self::numbers($entry, $text, $units[$entry->name] ?? null),
            };
        }

        return $missing === null ? new self($numbers, $words) : throw BadGiven::missing($missing);
    }

    public function has(string $name): bool
    {
        return isset($this->numbers[$name]);
    }

    /** SI; of what must be there, and no meter is over its range on. */
    public function number(string $name): float
    {
        return $this->maybe($name) ?? throw new \LogicException("\"$name\" may be left out, or over the range.");
    }

    /** SI; null where it was left out, or the meter was over its range. */
    public function maybe(string $name): ?float
    {
        return $this->numbers[$name][0] ?? null;
    }

    /** Whether the meter was over its range there. */
    public function isOver(string $name): bool
    {
        return $this->has($name) && $this->numbers[$name][0] === null;
    }

    /** @return list<float|null> SI; null for a meter over its range, none where it was left out */
    public function row(string $name): array
    {
        return $this->numbers[$name] ?? [];
    }

    /** @return list<float> the same without those over the range */
    public function readings(string $name): array
    {
        return array_values(array_filter($this->row($name), is_float(...)));
    }

    /** What was chosen, or what it is called. */
    public function word(string $name): string
    {
        return $this->words[$name] ?? throw new \LogicException("There is no word \"$name\".");
    }

    /**
     * @return array<string, non-empty-list<float|null>> by name; none where it is left out
     *
     * @throws BadGiven
     */
    private static function numbers(Entry $entry, string $text, ?Unit $unit): array
    {
        if ($text === '') {
            return [];
        }
        $parts = $entry->kind === EntryKind::Row ? preg_split('/[\s;]+(?=[\d.+\-−oO])/u', $text) : [$text];
        $values = [];
        foreach ($parts === false ? [$text] : $parts as $part) {
            try {
                $value = Amount::parse($entry->dimension, $part, $unit)->value;
            } catch (BadAmount $e) {
                throw BadGiven::amount($entry, $e);
            }
            $values[] = match (true) {
                $entry->isRead => $value,
                $value === null => throw BadGiven::over($entry),
                $value === 0.0 => throw BadGiven::nothing($entry),
                default => $value,
            };
        }

        return [$entry->name => $values];
    }

    /** @throws BadGiven */
    private static function chosen(Entry $entry, string $text): string
    {
        if ($text === '') {
            return $entry->choices[0] ?? '';
        }

        return in_array($text, $entry->choices, true) ? $text : throw BadGiven::noSuchChoice($entry, mb_substr($text, 0, self::LONGEST));
    }

    /** @throws BadGiven */
    private static function named(Entry $entry, string $text): string
    {
        return match (true) {
            $text === '' => $entry->usual,
            mb_strlen($text) > self::LONGEST => throw BadGiven::tooLong($entry, self::LONGEST),
            default => $text,
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What a shop does where careful people differ: the usual, where it has not said otherwise. */
final readonly class Habits
{
    /** @param  array<string, string>  $chosen  by habit */
    public function __construct(private array $chosen = [])
    {
    }

    public function of(Habit $habit): string
    {
        $choice = $this->chosen[$habit->value] ?? '';

        return in_array($choice, $habit->choices(), true) ? $choice : $habit->choices()[0];
    }

    public function are(Habit $habit, string $choice): bool
    {
        return $this->of($habit) === $choice;
    }

    /**
     * What a check takes of them.
     *
     * @param  list<Entry>  $entries
     * @return array<string, string> by the entry's name
     */
    public function given(array $entries): array
    {
        $given = [];
        foreach ($entries as $entry) {
            $given += $entry->habit === null ? [] : [$entry->name => $this->of($entry->habit)];
        }

        return $given;
    }
}

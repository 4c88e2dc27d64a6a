<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Parts\Catalogue;

/** The terminals of a part: those of its kind by the letters that are printed there, or its own on a board, a plug, a terminal block. */
final class Terminals
{
    /**
     * What is printed beside each, whoever decides which it has.
     *
     * @return array<array-key, string> by the terminal of its kind
     *
     * @throws CannotEdit for a part that is not there
     */
    public static function lettered(Draft $draft, string $part): array
    {
        $own = $draft->part($part);
        $kind = is_string($own['kind'] ?? null) ? $own['kind'] : '';
        $fixed = Catalogue::definition($kind)->terminals ?? [];
        if ($fixed === []) {
            return array_combine(self::of($draft, $part), self::of($draft, $part));
        }
        $letters = array_combine($fixed, $fixed);
        foreach (is_array($own['letters'] ?? null) ? array_filter($own['letters'], is_string(...)) : [] as $pair) {
            [$terminal, $printed] = [...explode('=', $pair, 2), ''];
            $letters[$terminal] = $printed;
        }

        return $letters;
    }

    /**
     * What is printed beside those that are there: an optional one is where a wire is.
     *
     * @return list<string>
     *
     * @throws CannotEdit for a part that is not there
     */
    public static function there(Draft $draft, string $part): array
    {
        $kind = $draft->part($part)['kind'] ?? '';
        $optional = Catalogue::definition(is_string($kind) ? $kind : '')->optional ?? [];
        $wired = array_merge(...array_map(
            static fn (array $wire): array => [$wire['from'], $wire['to']],
            array_values($draft->wiresOf($part)),
        ));

        return array_values(array_filter(
            self::lettered($draft, $part),
            static fn (string $printed, int|string $t): bool => ! in_array((string) $t, $optional, true)
                || in_array("$part.$printed", $wired, true),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * A part with what is printed beside the terminals of its kind.
     *
     * @param  array<string, mixed>  $part
     * @param  array<array-key, string>  $letters  by the terminal of its kind
     * @return array<string, mixed>
     */
    public static function with(array $part, array $letters): array
    {
        $others = [];
        foreach ($letters as $terminal => $printed) {
            $others = $printed === (string) $terminal ? $others : [...$others, "$terminal=$printed"];
        }

        return [...array_diff_key($part, ['letters' => true]), ...($others === [] ? [] : ['letters' => $others])];
    }

    /**
     * Those of a part whose unit decides which it has.
     *
     * @return list<string>
     *
     * @throws CannotEdit for a part whose kind has its own
     */
    public static function of(Draft $draft, string $part): array
    {
        $own = $draft->part($part);
        $kind = $own['kind'] ?? '';
        if ((Catalogue::definition(is_string($kind) ? $kind : '')->terminals ?? []) !== []) {
            throw CannotEdit::ownTerminals($part);
        }
        $terminals = is_array($own['terminals'] ?? null) ? $own['terminals'] : [];

        return array_map(static fn (mixed $t): string => is_scalar($t) ? (string) $t : '', array_values($terminals));
    }

    /**
     * The point that one of them is.
     *
     * @throws CannotEdit
     */
    public static function among(Draft $draft, string $part, string $terminal): string
    {
        return in_array($terminal, self::of($draft, $part), true)
            ? "$part.$terminal"
            : throw CannotEdit::none("terminal of $part", $terminal);
    }

    /** @throws CannotEdit for what is no name of one */
    public static function named(string $terminal): string
    {
        return preg_match('/^[A-Z0-9]+$/', $terminal) === 1
            ? $terminal
            : throw CannotEdit::name($terminal, 'terminals are named in capitals and digits, such as Y1');
    }
}

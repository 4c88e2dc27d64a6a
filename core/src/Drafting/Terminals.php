<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Parts\Catalogue;

/** The terminals of a part whose unit decides which it has: a board, a plug, a terminal block. */
final class Terminals
{
    /**
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

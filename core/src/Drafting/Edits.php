<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Subclasses;

/** Every sort of change that there is. */
final class Edits
{
    /**
     * @param  string  $line  a verb and what it takes; what has spaces in it in quotes
     *
     * @throws CannotEdit
     */
    public static function said(string $line): Edit
    {
        $words = array_map(strval(...), str_getcsv(trim($line), ' ', '"', ''));
        $verb = (string) array_shift($words);
        foreach (self::all() as $edit) {
            if ($edit::verb() === $verb) {
                return $edit::said($words);
            }
        }
        throw CannotEdit::unknownVerb($verb, ...array_map(static fn (string $edit): string => $edit::verb(), self::all()));
    }

    /** @return list<class-string<Edit>> */
    public static function all(): array
    {
        return Subclasses::in('Drafting/Edits/*.php', Edit::class);
    }
}

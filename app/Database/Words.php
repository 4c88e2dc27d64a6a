<?php

declare(strict_types=1);

namespace App\Database;

/** The words of a search, as patterns of LIKE with \ as its escape. */
final class Words
{
    /** What a column must be like to have a word in it. */
    public const LIKE = "LIKE ? ESCAPE '\\'";

    /** @return list<string> */
    public static function patterns(string $words): array
    {
        $each = preg_split('/\s+/', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(static fn (string $word): string => '%'.addcslashes($word, '%_\\').'%', $each);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\LevinException;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Definition;

/** What is seen of parts of a kind, and what takes the place of it where a part becomes one of another kind. */
final class Seen
{
    /** Rules that asked for what was seen of the old kind ask for what is seen of the new one at its best: it sparks, it glows, it runs. */
    public static function reworded(Draft $draft, string $part, Definition $new): Draft
    {
        $kind = $draft->part($part)['kind'] ?? '';
        $old = Catalogue::definition(is_string($kind) ? $kind : '');
        [$was, $is] = [$old === null ? [] : self::of($old), self::of($new)];
        $words = [];
        foreach ($is === [] ? [] : $was as $n => $word) {
            if (! in_array($word, $is, true)) {
                $words[$word] = $is[$n] ?? $is[count($is) - 1];
            }
        }

        return $words === [] ? $draft : $draft->seeing($part, $words);
    }

    /** @return list<string> */
    private static function of(Definition $kind): array
    {
        try {
            return Sample::of($kind)->observables();
        } catch (LevinException) {
            // what is seen of a board is in its program
            return [];
        }
    }
}

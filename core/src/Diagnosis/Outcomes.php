<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What variants show: each by itself, or in classes that a test can tell apart. */
final class Outcomes
{
    /**
     * By what each would show, in words.
     *
     * @param  list<int>  $variants
     * @param  \Closure(int): string  $shows
     * @return list<non-empty-list<int>>
     */
    public static function by(array $variants, \Closure $shows): array
    {
        $classes = [];
        foreach ($variants as $v) {
            $classes[$shows($v)][] = $v;
        }

        return array_values($classes);
    }

    /**
     * @template T
     *
     * @param  list<int>  $variants
     * @param  \Closure(int): T  $of
     * @return array<int, T> by variant
     */
    public static function each(array $variants, \Closure $of): array
    {
        return array_combine($variants, array_map($of, $variants));
    }
}

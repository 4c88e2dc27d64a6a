<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Symfony\Component\Yaml\Yaml;

/** The text of a circuit file, changed: what did not change stands as it stood, comments and all. */
final class CircuitText
{
    /** So deep is written out what is new; the rest of it stands in one line. */
    private const DEPTH = 2;

    /** Columns. */
    private const INDENT = 2;

    /**
     * A text that says something else, with every line kept of what it says as before.
     *
     * @param  string  $text  of a map in block style
     * @param  array<mixed>  $data  what it is to say
     */
    public static function changed(string $text, array $data): string
    {
        $was = Yaml::parse($text);
        $lines = explode("\n", rtrim($text, "\n"));
        $new = implode("\n", self::block($lines, 0, 0, is_array($was) ? $was : [], $data))."\n";

        // a style that is not known here is written anew: without its comments, but never wrongly
        return Yaml::parse($new) == $data ? $new : Yaml::dump($data, self::DEPTH, self::INDENT);
    }

    /**
     * @param  list<string>  $lines  of a block
     * @param  int  $depth  of it in the file
     * @param  int  $indent  columns that its keys are set in
     * @param  array<mixed>  $was  what they say
     * @param  array<mixed>  $is  what they are to say
     * @return list<string>
     */
    private static function block(array $lines, int $depth, int $indent, array $was, array $is): array
    {
        [$entries, $tail] = Entry::of($lines, $indent);
        $fresh = self::freshBehind($was, $is);
        $all = [];
        $next = $fresh[''] ?? [];
        foreach ($entries as $entry) {
            $isThere = array_key_exists($entry->key, $is);
            // what takes the place of something takes what was said of it as well
            $before = $isThere ? $next : [];
            array_push($all, ...self::writtenAll($depth, $indent, $before, $is), ...$entry->lead);
            if ($isThere) {
                array_push($all, ...self::entry($entry, $depth, $indent, $was[$entry->key] ?? null, $is[$entry->key]));
                $next = $fresh[$entry->key] ?? [];
            } elseif ($next !== []) {
                $key = array_shift($next);
                array_push($all, ...self::entry($entry->named($key), $depth, $indent, $was[$entry->key] ?? null, $is[$key]));
            }
        }

        return [...$all, ...self::writtenAll($depth, $indent, $next, $is), ...$tail];
    }

    /**
     * @param  array<mixed>  $was
     * @param  array<mixed>  $is
     * @return array<string, list<string>> keys that are new, by the one that they come after; by none where they come first
     */
    private static function freshBehind(array $was, array $is): array
    {
        $behind = [];
        $last = '';
        foreach (array_map(strval(...), array_keys($is)) as $key) {
            if (array_key_exists($key, $was)) {
                $last = $key;
            } else {
                $behind[$last][] = $key;
            }
        }

        return $behind;
    }

    /**
     * @param  list<string>  $keys
     * @param  array<mixed>  $is
     * @return list<string>
     */
    private static function writtenAll(int $depth, int $indent, array $keys, array $is): array
    {
        return array_merge(...array_map(static fn (string $key): array => self::written($depth, $indent, $key, $is[$key]), $keys));
    }

    /** @return list<string> */
    private static function entry(Entry $entry, int $depth, int $indent, mixed $was, mixed $is): array
    {
        if ($was === $is) {
            return $entry->lines;
        }
        $within = $entry->indentWithin();
        if ($within > $indent && is_array($was) && is_array($is) && $is !== [] && ! array_is_list($was) && ! array_is_list($is)) {
            return [$entry->lines[0], ...self::block(array_slice($entry->lines, 1), $depth + 1, $within, $was, $is)];
        }
        $lines = self::written($depth, $indent, $entry->key, $is);
        $lines[count($lines) - 1] .= $entry->remark();

        return [...$entry->commentsWithin($indent), ...$lines];
    }

    /** @return non-empty-list<string> */
    private static function written(int $depth, int $indent, string $key, mixed $value): array
    {
        $text = rtrim(Yaml::dump([$key => $value], max(1, self::DEPTH - $depth), self::INDENT), "\n");

        return array_map(static fn (string $line): string => str_repeat(' ', $indent).$line, explode("\n", $text));
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/**
 * What a board does at one point of its program, in words, both ways: `lamp 2 flashes`, `on inducer valve`,
 * `to trial if draft and not call for 15 s, count tries`.
 */
final class StepWords
{
    private const MOVE = '/^to (\w+)(?: if (.+?))?(?: (?:for|after) (\d+(?:\.\d+)?) (s|min|h))?((?:, (?:count|clear) \w+)*)$/';

    private const SECONDS = ['h' => 3600, 'min' => 60, 's' => 1];

    /**
     * @param  array<mixed>  $step  as the file has it
     * @return list<string>
     */
    public static function of(array $step): array
    {
        $lamp = is_string($step['lamp'] ?? null) ? ["lamp {$step['lamp']}"] : [];
        $on = self::texts($step['on'] ?? []);
        $moves = array_map(self::move(...), array_values(array_filter((array) ($step['go'] ?? []), is_array(...))));

        return [...$lamp, ...($on === [] ? [] : ['on '.implode(' ', $on)]), ...$moves];
    }

    /**
     * @param  list<string>  $lines
     * @return array<string, mixed> as the file has it
     *
     * @throws CannotEdit for a line that is not understood
     */
    public static function read(array $lines): array
    {
        $step = [];
        foreach (array_filter(array_map(trim(...), $lines), static fn (string $l): bool => $l !== '') as $line) {
            if (str_starts_with($line, 'lamp ')) {
                $step['lamp'] = trim(substr($line, strlen('lamp ')));
            } elseif (str_starts_with($line, 'on ')) {
                $step['on'] = preg_split('/[\s,]+/', trim(substr($line, strlen('on ')))) ?: [];
            } else {
                $step['go'][] = self::readMove($line);
            }
        }

        return [...$step, 'go' => $step['go'] ?? []];
    }

    /** @param  array<mixed>  $move */
    private static function move(array $move): string
    {
        $when = self::texts($move['when'] ?? []);
        $after = is_numeric($move['after'] ?? null) ? (float) $move['after'] : 0.0;
        $words = 'to '.self::text($move['to'] ?? '').($when === [] ? '' : ' if '.implode(' and ', $when));
        if ($after > 0) {
            $words .= ($when === [] ? ' after ' : ' for ').self::time($after);
        }
        foreach (['add' => 'count', 'clear' => 'clear'] as $key => $verb) {
            $words .= isset($move[$key]) ? ", $verb ".self::text($move[$key]) : '';
        }

        return $words;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws CannotEdit
     */
    private static function readMove(string $line): array
    {
        if (preg_match(self::MOVE, $line, $m) !== 1) {
            throw CannotEdit::step($line);
        }
        $move = ['to' => $m[1]];
        if ($m[2] !== '') {
            $move['when'] = array_map(trim(...), explode(' and ', $m[2]));
        }
        if ($m[3] !== '') {
            $seconds = (float) $m[3] * (self::SECONDS[$m[4]] ?? 1);
            $move['after'] = floor($seconds) === $seconds ? (int) $seconds : $seconds;
        }
        foreach (preg_match_all('/(count|clear) (\w+)/', $m[5], $counts, PREG_SET_ORDER) > 0 ? $counts : [] as [, $verb, $name]) {
            $move[$verb === 'count' ? 'add' : 'clear'] = $name;
        }

        return $move;
    }

    private static function time(float $seconds): string
    {
        foreach (self::SECONDS as $unit => $long) {
            if ($seconds >= $long && fmod($seconds, $long) == 0.0) {
                return $seconds / $long.' '.$unit;
            }
        }

        return "$seconds s";
    }

    /** @return list<string> */
    private static function texts(mixed $list): array
    {
        return array_values(array_map(self::text(...), is_array($list) ? $list : []));
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}

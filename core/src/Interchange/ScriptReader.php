<?php

declare(strict_types=1);

namespace Levin\Core\Interchange;

use Levin\Core\Circuit\BadClause;
use Levin\Core\Circuit\Clause;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Problem;
use Levin\Core\File\YamlForm;
use Levin\Core\Operation\Deed;
use Levin\Core\Operation\Intermittent;
use Levin\Core\Operation\Script;

/** Reads scripts: what is done to a unit and when. The form is `circuits/run.schema.json`. */
final class ScriptReader
{
    private const SCHEMA = __DIR__.'/../../../circuits/run.schema.json';

    private const UNITS = ['s' => 1.0, 'min' => 60.0, 'h' => 3600.0];

    /** @throws InvalidCircuit when the file cannot be read or does not have the form */
    public static function fromFile(string $path): Script
    {
        $text = is_file($path) ? @file_get_contents($path) : false;

        return $text === false
            ? throw new InvalidCircuit(
                $path,
                [new Problem(null, '', 'The script cannot be read.', 'Check its name and that you may read it.')],
            )
            : self::fromText($text, basename($path));
    }

    /** @throws InvalidCircuit when the text does not have the form */
    public static function fromText(string $text, string $name): Script
    {
        [$data, $lines] = YamlForm::read($text, $name, self::SCHEMA, 'docs/circuit-file.md, "Running"');
        $deeds = $intermittents = [];
        foreach (array_values(array_filter((array) ($data['events'] ?? []), is_array(...))) as $event) {
            $deeds[] = new Deed(
                self::seconds($event['at'] ?? 0),
                self::settings($event['set'] ?? []),
                ...array_map(static fn (string $key): array => self::strings($event[$key] ?? []), [
                    'fault' => 'fault',
                    'mend' => 'mend',
                    'lift' => 'lift',
                    'land' => 'land',
                    'remove' => 'remove',
                    'restore' => 'restore',
                    'reset' => 'reset',
                ]),
            );
        }
        usort($deeds, static fn (Deed $a, Deed $b): int => $a->at <=> $b->at);
        foreach (array_values(array_filter((array) ($data['intermittent'] ?? []), is_array(...))) as $n => $item) {
            try {
                $intermittents[] = new Intermittent(
                    self::string($item['fault'] ?? ''), array_map(Clause::parse(...), self::strings($item['when'] ?? [])),
                    is_numeric($item['chance'] ?? null) ? (float) $item['chance'] : 1.0,
                    isset($item['every']) ? self::seconds($item['every']) : null, is_int($item['seed'] ?? null) ? $item['seed'] : 1,
                );
            } catch (BadClause $e) {
                throw new InvalidCircuit($name, [new Problem($lines->of(['intermittent']), "intermittent $n", $e->getMessage(), '')]);
            }
        }

        return new Script(
            self::seconds($data['until'] ?? 600),
            self::settings($data['start'] ?? []),
            self::strings($data['faults'] ?? []),
            $deeds,
            $intermittents,
        );
    }

    /** Seconds out of a number, or "10 s", "5 min", "2 h". The schema has checked the form. */
    private static function seconds(mixed $value): float
    {
        if (is_int($value) || is_float($value)) {
            return (float) $value;
        }
        [$number, $unit] = [...explode(' ', self::string($value), 2), 's'];

        return (float) $number * (self::UNITS[$unit] ?? 1.0);
    }

    /** @return list<string> as NAME=VALUE */
    private static function settings(mixed $map): array
    {
        $settings = [];
        foreach (is_array($map) ? $map : [] as $name => $value) {
            $settings[] = "$name=".(is_bool($value) ? ($value ? 'on' : 'off') : (is_scalar($value) ? (string) $value : ''));
        }

        return $settings;
    }

    /** @return list<string> */
    private static function strings(mixed $list): array
    {
        return array_values(array_filter((array) $list, is_string(...)));
    }

    private static function string(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}

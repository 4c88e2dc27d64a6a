<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\FieldType;
use Symfony\Component\Yaml\Yaml;

/** The example of each kind that docs/circuit-file.md prints: what is documented is what is tested. */
final class Examples
{
    /** @return array<string, array<string, mixed>> the part as the file would have it, by kind */
    public static function all(): array
    {
        static $parts = [];
        if ($parts === []) {
            preg_match_all('/^```yaml\n(.+?)^```/ms', (string) file_get_contents(__DIR__.'/../../../docs/circuit-file.md'), $blocks);
            foreach ($blocks[1] as $block) {
                $data = Yaml::parse($block);
                $part = is_array($data) ? reset($data) : null;
                if (is_array($part) && isset($part['kind'])) {
                    $parts[$part['kind']] = $part;
                }
            }
            ksort($parts);
        }

        return $parts;
    }

    /**
     * What some parts refer to: conditions and quantities, declared so that everything is fed and called.
     *
     * @param  array<string, array<string, mixed>>  $parts
     * @return array{conditions: array<string, mixed>, quantities: array<string, mixed>}
     */
    public static function world(array $parts): array
    {
        $conditions = $quantities = [];
        foreach ($parts as $part) {
            foreach (Catalogue::definition($part['kind'])->fields ?? [] as $field) {
                $name = $part['plate'][$field->name] ?? '';
                if ($field->type === FieldType::Condition && $name !== '') {
                    $conditions[$name] = ['label' => $name, 'default' => $field->name !== 'opened_by'];
                } elseif ($field->type === FieldType::Quantity && $name !== '') {
                    $quantities[$name] = ['label' => $name, 'unit' => '', 'normal' => 1.0];
                }
            }
        }

        return ['conditions' => $conditions, 'quantities' => $quantities];
    }

    /** One part of a kind on a bench: each terminal on a wire of its own to a supply of its kind. */
    public static function bench(string $kind): Unit
    {
        $part = self::all()[$kind];
        $isSupply = str_starts_with($kind, 'supply-');
        $parts = ['SUP' => $isSupply ? $part : self::all()['supply-wye'], ...($isSupply ? [] : ['X' => $part])];
        $terminals = $part['terminals'] ?? Catalogue::definition($kind)->terminals ?? [];
        $wires = [];
        foreach ($isSupply ? [] : $terminals as $n => $terminal) {
            $wires['w'.($n + 1)] = [
                'from' => 'SUP.'.['L1', 'L2', 'L3', 'N'][$n % 4],
                'to' => "X.$terminal",
                'colour' => 'black',
                'gauge' => 14,
                'length' => 1,
            ];
        }
        $wires['bond'] = ['from' => 'SUP.N', 'to' => 'SUP.G', 'colour' => 'green', 'gauge' => 8, 'length' => 1];

        return Unit::fromText(self::yaml("bench-$kind", $parts, $wires));
    }

    /**
     * @param  array<string, array<string, mixed>>  $parts
     * @param  array<string, array<string, mixed>>  $wires
     */
    public static function yaml(string $id, array $parts, array $wires, int $hertz = 60): string
    {
        foreach ($parts as $name => $part) {
            unset($part['case']);
            $parts[$name] = [...$part, 'place' => 'bench'];
        }
        $world = array_filter(self::world($parts));

        return Yaml::dump([
            'levin' => 1, 'id' => $id, 'title' => $id, 'family' => 'bench', 'supply' => 'bench', 'frequency' => $hertz, 'earth' => 'SUP.G',
            'places' => ['bench' => ['label' => 'bench', 'minutes' => 0]], 'parts' => $parts, 'wires' => $wires,
            'conditions' => new \ArrayObject($world['conditions'] ?? []), 'quantities' => new \ArrayObject($world['quantities'] ?? []),
            'ladder' => [
                ['title' => 'Line', 'rails' => $parts['SUP']['kind'] === 'supply-single-phase' ? ['SUP.L', 'SUP.N'] : ['SUP.L1', 'SUP.L2']],
            ],
        ], 8, 2, Yaml::DUMP_OBJECT_AS_MAP);
    }
}

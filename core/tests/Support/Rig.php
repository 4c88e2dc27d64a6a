<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Symfony\Component\Yaml\Yaml;

/** A few parts on a test board: short heavy wires, every condition and quantity at hand. */
final class Rig
{
    /**
     * @param  string  $supply  the supply's `kind, plate` in flow style, such as "supply-single-phase, volts: 24"
     * @param  array<string, string>  $parts  by id, the same way
     * @param  list<array{string, string}>  $wires
     * @param  array<string, bool>  $conditions  with their defaults
     * @param  array<string, float>  $quantities  with their normal values
     */
    public static function of(string $supply, array $parts, array $wires, array $conditions = [], array $quantities = []): Unit
    {
        $made = array_map(self::part(...), ['SUP' => $supply, ...$parts]);
        $lines = [];
        foreach ($wires as $n => [$from, $to]) {
            $lines['w'.($n + 1)] = ['from' => $from, 'to' => $to, 'colour' => 'black', 'gauge' => 4, 'length' => 0.1];
        }

        return Unit::fromText(Yaml::dump([
            'levin' => 1, 'id' => 'rig', 'title' => 'Rig', 'family' => 'bench', 'supply' => 'bench', 'frequency' => 60, 'earth' => 'SUP.G',
            'places' => ['bench' => ['label' => 'bench', 'minutes' => 0]], 'parts' => $made, 'wires' => $lines,
            'conditions' => new \ArrayObject(
                array_map(static fn (bool $on): array => ['label' => 'condition', 'default' => $on], $conditions),
            ),
            'quantities' => new \ArrayObject(
                array_map(static fn (float $normal): array => ['label' => 'quantity', 'unit' => '', 'normal' => $normal], $quantities),
            ),
            'ladder' => [['title' => 'Line', 'rails' => [$wires[0][0], $wires[count($wires) - 1][1]]]],
        ], 8, 2, Yaml::DUMP_OBJECT_AS_MAP));
    }

    /** @return array<string, mixed> */
    private static function part(string $text): array
    {
        [$kind, $plate] = [...explode(', ', $text, 2), ''];
        $values = $plate === '' ? [] : Yaml::parse('{ '.$plate.' }');

        return ['kind' => $kind, 'label' => $kind, 'place' => 'bench', ...($values === [] ? [] : ['plate' => $values])];
    }
}

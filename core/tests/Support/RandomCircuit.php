<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Parts\Catalogue;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A circuit nobody would wire, of every kind there is, on any supply; the same for the same seed. */
final class RandomCircuit
{
    private const SUPPLIES = ['supply-split-phase', 'supply-wye', 'supply-delta'];

    public static function yaml(int $seed, int $parts): string
    {
        $dice = new Randomizer(new Mt19937($seed));
        $examples = Examples::all();
        $supply = $examples[self::SUPPLIES[$seed % count(self::SUPPLIES)]];
        unset($examples['terminals']);
        $kinds = array_values(array_filter(array_keys($examples), static fn (string $k): bool => ! str_starts_with($k, 'supply-')));
        $points = ['SUP.L1', 'SUP.L2', 'SUP.N'];
        $placed = ['SUP' => $supply];
        $wires = [];
        for ($n = 0; $n < $parts; $n++) {
            // every kind in turn over the seeds, the rest by chance
            $kind = $kinds[$n === 0 ? $seed % count($kinds) : $dice->getInt(0, count($kinds) - 1)];
            $placed["P$n"] = $examples[$kind];
            $before = $points;
            foreach ($examples[$kind]['terminals'] ?? Catalogue::definition($kind)->terminals ?? [] as $terminal) {
                $wires['w'.(count($wires) + 1)] = [
                    'from' => $before[$dice->getInt(0, count($before) - 1)],
                    'to' => "P$n.$terminal",
                    'colour' => 'black',
                    'gauge' => [18, 14, 10, 6][$dice->getInt(0, 3)],
                    'length' => $dice->getInt(2, 400) / 10,
                    ...($dice->getInt(0, 4) === 0 ? ['bundle' => ['cable', 'harness'][$dice->getInt(0, 1)]] : []),
                ];
                $points[] = "P$n.$terminal";
            }
        }

        return Examples::yaml("random-$seed", $placed, $wires, $seed % 2 === 0 ? 60 : 50);
    }
}

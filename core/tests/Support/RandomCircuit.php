<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A circuit nobody would wire, of every kind that has two or more terminals; the same for the same seed. */
final class RandomCircuit
{
    private const KINDS = [
        'heater' => [['1', '2'], 'volts: 240, watts: %d', 40, 4000],
        'capacitor-run' => [['1', '2'], 'run_uf: %d', 2, 80],
        'capacitor-dual' => [['C', 'HERM', 'FAN'], 'fan_uf: 5, herm_uf: %d', 20, 60],
        'transformer' => [['H1', 'H2', 'X1', 'X2'], 'primary_volts: 240, primary_ohms: 48, secondary_ohms: 0.65, va: %d', 20, 75],
        'motor-psc' => [['C', 'S', 'R'], 'volts: 240, fla: 1.1, lra: 2.2, run_ohms: 26, start_ohms: %d, capacitor_uf: 5', 40, 50],
        'compressor-psc' => [['C', 'S', 'R'], 'volts: 240, fla: 14.1, lra: %d, run_ohms: 0.72, start_ohms: 1.9, capacitor_uf: 40', 68, 78],
        'fuse' => [['1', '2'], 'amps: %d', 30, 60],
        'contactor-1p' => [['L1', 'T1', 'L2', 'T2', 'A', 'B'], 'coil_volts: 24, coil_ohms: %d, sealed_va: 9, inrush_va: 28', 9, 14],
        'relay-spst' => [['1', '3', '2', '4'], 'coil_volts: 24, coil_ohms: %d, sealed_va: 5, inrush_va: 11', 14, 20],
    ];

    public static function yaml(int $seed, int $parts): string
    {
        $dice = new Randomizer(new Mt19937($seed));
        $points = ['SUP.L1', 'SUP.L2', 'SUP.N'];
        $partLines = ['  SUP: { kind: supply-split-phase, label: Supply, place: bench }'];
        $wireLines = [];
        for ($n = 0; $n < $parts; $n++) {
            $kind = array_keys(self::KINDS)[$dice->getInt(0, count(self::KINDS) - 1)];
            [$terminals, $plate, $least, $most] = self::KINDS[$kind];
            $partLines[] = "  P$n: { kind: $kind, label: Part $n, place: bench, plate: { ".sprintf($plate, $dice->getInt($least, $most)).' } }';
            $before = $points;
            foreach ($terminals as $terminal) {
                $from = $before[$dice->getInt(0, count($before) - 1)];
                $gauge = [18, 14, 10, 6][$dice->getInt(0, 3)];
                $wireLines[] = sprintf('  w%d: { from: %s, to: P%d.%s, colour: black, gauge: %d, length: %.1f }', count($wireLines) + 1, $from, $n, $terminal, $gauge, $dice->getInt(2, 400) / 10);
                $points[] = "P$n.$terminal";
            }
        }

        return "levin: 1\nid: random-$seed\ntitle: Random circuit $seed\nfamily: bench\nsupply: split-phase\nfrequency: ".($seed % 2 === 0 ? 60 : 50)."\nearth: SUP.G\nplaces: { bench: { label: bench, minutes: 0 } }\nparts:\n"
            .implode("\n", $partLines)."\nwires:\n".implode("\n", $wireLines)."\nconditions: {}\nladder:\n  - { title: Line, rails: [SUP.L1, SUP.L2] }\n";
    }
}

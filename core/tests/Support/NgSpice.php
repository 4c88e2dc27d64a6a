<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Interchange\SpiceNetlist;
use Levin\Core\Operation\Settled;

/** Debian's ngspice, the independent solver. */
final class NgSpice
{
    /** Circuits that one process solves, one after another: starting ngspice takes longer than solving. */
    private const BATCH = 32;

    /**
     * Below this a difference is taken against it, volts. A conductor that hangs by picofarads beside milliohm joints costs a plain nodal
     * solver its digits: ngspice is off by a few parts in a million there, while a solve of the same network in 60 digits sides
     * with Levin to 1e-8.
     */
    private const FLOOR = 0.5;

    /** The largest relative difference between Levin's node voltages and ngspice's. */
    public static function worstDifference(Settled $settled): float
    {
        return self::worstDifferences([$settled])[0];
    }

    /**
     * The same for many circuits.
     *
     * @template K of array-key
     *
     * @param  array<K, Settled>  $all
     * @return array<K, float>
     */
    public static function worstDifferences(array $all): array
    {
        $folder = sys_get_temp_dir().'/levin-spice-'.getmypid();
        is_dir($folder) || mkdir($folder);
        $worst = [];
        foreach (array_chunk($all, self::BATCH, true) as $chunk) {
            self::solve(array_values($chunk), $folder);
            foreach (array_keys($chunk) as $n => $key) {
                $worst[$key] = self::difference($chunk[$key], self::read($chunk[$key], "$folder/$n.raw", "$folder/log"));
            }
        }

        return $worst;
    }

    /** @param  list<Settled>  $circuits */
    private static function solve(array $circuits, string $folder): void
    {
        $control = ['set filetype=binary'];
        foreach ($circuits as $n => $settled) {
            is_file("$folder/$n.raw") && unlink("$folder/$n.raw");
            file_put_contents("$folder/$n.cir", SpiceNetlist::of($settled));
            $hertz = sprintf('%.17g', $settled->model->circuit->frequency);
            array_push($control, "source $folder/$n.cir", "ac lin 1 $hertz $hertz", "write $folder/$n.raw", 'destroy all', 'remcirc');
        }
        file_put_contents("$folder/all.cir", implode("\n", ['* all of them', '.control', ...$control, 'quit', '.endc', '.end', '']));
        $process = proc_open(
            ['ngspice', '-b', "$folder/all.cir"],
            [1 => ['file', "$folder/log", 'w'], 2 => ['file', "$folder/log", 'a']],
            $pipes,
        );
        proc_close($process ?: throw new \RuntimeException('ngspice does not start. Install it with apt-get install ngspice.'));
    }

    /**
     * Out of a raw file: names of the vectors, one a line, and after them the real and imaginary part of each.
     *
     * @return array<int, array{float, float}> by node
     */
    private static function read(Settled $settled, string $file, string $log): array
    {
        [$head, $binary] = [...explode("Binary:\n", (string) @file_get_contents($file), 2), ''];
        preg_match_all('/^\t\d+\t(\S+)\t/m', $head, $names);
        $values = array_values(unpack('e*', $binary) ?: []);
        $found = [];
        foreach ($names[1] as $n => $name) {
            if (preg_match('/^v?\(?n(\d+)\)?$/', $name, $node) === 1) {
                $found[(int) $node[1]] = [$values[2 * $n], $values[2 * $n + 1]];
            }
        }
        $nodes = array_filter($settled->model->nodes->all(), static fn (int $n): bool => $n >= 0);
        if (array_diff($nodes, array_keys($found)) !== []) {
            throw new \RuntimeException("ngspice did not solve {$settled->model->circuit->id} with ".implode(
                ', ',
                $settled->faults->ids(),
            ).":\n".file_get_contents($log));
        }

        return array_intersect_key($found, array_flip($nodes));
    }

    /** @param  array<int, array{float, float}>  $spice */
    private static function difference(Settled $settled, array $spice): float
    {
        $worst = 0.0;
        foreach ($spice as $node => [$re, $im]) {
            $worst = max($worst, hypot($re - $settled->re[$node], $im - $settled->im[$node]) / max(self::FLOOR, hypot($re, $im)));
        }

        return $worst;
    }
}

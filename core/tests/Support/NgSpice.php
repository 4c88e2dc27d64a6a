<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Interchange\SpiceNetlist;
use Levin\Core\Operation\Settled;

/** Debian's ngspice, the independent solver. */
final class NgSpice
{
    /** Processes at once. */
    private const ABREAST = 8;

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
     * The same for many circuits, some processes abreast.
     *
     * @template K of array-key
     *
     * @param  array<K, Settled>  $all
     * @return array<K, float>
     */
    public static function worstDifferences(array $all): array
    {
        $worst = [];
        foreach (array_chunk($all, self::ABREAST, true) as $chunk) {
            $running = array_map(self::start(...), $chunk);
            foreach ($running as $key => [$process, $folder]) {
                while (proc_get_status($process)['running']) {
                    usleep(500);
                }
                proc_close($process);
                $worst[$key] = self::difference($chunk[$key], self::read($chunk[$key], $folder));
            }
        }

        return $worst;
    }

    /** @return array{resource, string} */
    private static function start(Settled $settled): array
    {
        static $count = 0;
        $folder = sys_get_temp_dir().'/levin-spice-'.getmypid().'-'.($count++ % self::ABREAST);
        is_dir($folder) || mkdir($folder);
        is_file("$folder/out.dat") && unlink("$folder/out.dat");
        $vectors = implode(' ', array_map(static fn (int $n): string => "v(n$n)", self::nodes($settled)));
        $hertz = sprintf('%.17g', $settled->model->circuit->frequency);
        $control = ".control\nset numdgt=16\nset wr_singlescale\nac lin 1 $hertz $hertz\nwrdata $folder/out.dat $vectors\n.endc\n.end";
        file_put_contents("$folder/circuit.cir", str_replace("\n.end\n", "\n$control\n", SpiceNetlist::of($settled)));
        $process = proc_open(
            ['ngspice', '-b', "$folder/circuit.cir"],
            [1 => ['file', "$folder/log", 'w'], 2 => ['file', "$folder/log", 'a']],
            $pipes,
        );

        return [$process ?: throw new \RuntimeException('ngspice does not start. Install it with apt-get install ngspice.'), $folder];
    }

    /** @return list<int> */
    private static function nodes(Settled $settled): array
    {
        return array_values(array_filter($settled->model->nodes->all(), static fn (int $n): bool => $n >= 0));
    }

    /** @return array<int, array{float, float}> real and imaginary part by node */
    private static function read(Settled $settled, string $folder): array
    {
        $nodes = self::nodes($settled);
        $row = preg_split('/\s+/', trim((string) @file_get_contents("$folder/out.dat"))) ?: [];
        if (count($row) !== 1 + 2 * count($nodes)) {
            throw new \RuntimeException("ngspice did not solve {$settled->model->circuit->id} with ".implode(
                ', ',
                $settled->faults->ids(),
            ).":\n".file_get_contents("$folder/log"));
        }
        $found = [];
        foreach ($nodes as $n => $node) {
            $found[$node] = [(float) $row[1 + 2 * $n], (float) $row[2 + 2 * $n]];
        }

        return $found;
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

<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Interchange\SpiceNetlist;
use Levin\Core\Operation\Settled;

/** Debian's ngspice, the independent solver. */
final class NgSpice
{
    /**
     * The node voltages ngspice finds for a settled circuit's exported netlist.
     *
     * @return array<int, array{float, float}> real and imaginary part by node
     */
    public static function solve(Settled $settled): array
    {
        $folder = sys_get_temp_dir().'/levin-spice-'.getmypid();
        is_dir($folder) || mkdir($folder);
        $nodes = array_values(array_filter($settled->model->nodes, static fn (int $n): bool => $n >= 0));
        $vectors = implode(' ', array_map(static fn (int $n): string => "v(n$n)", $nodes));
        $hertz = sprintf('%.17g', $settled->model->circuit->frequency);
        $control = ".control\nset numdgt=16\nset wr_singlescale\nac lin 1 $hertz $hertz\nwrdata $folder/out.dat $vectors\n.endc\n.end";
        file_put_contents("$folder/circuit.cir", str_replace("\n.end\n", "\n$control\n", SpiceNetlist::of($settled)));
        exec("ngspice -b $folder/circuit.cir 2>&1", $output, $code);
        $row = preg_split('/\s+/', trim((string) file_get_contents("$folder/out.dat"))) ?: [];
        unlink("$folder/out.dat");
        if (count($row) !== 1 + 2 * count($nodes)) {
            throw new \RuntimeException("ngspice did not solve it:\n".implode("\n", $output));
        }
        $found = [];
        foreach ($nodes as $n => $node) {
            $found[$node] = [(float) $row[1 + 2 * $n], (float) $row[2 + 2 * $n]];
        }

        return $found;
    }

    /** The largest relative difference between Levin's node voltages and ngspice's; nodes under a microvolt are left out. */
    public static function worstDifference(Settled $settled): float
    {
        $worst = 0.0;
        foreach (self::solve($settled) as $node => [$re, $im]) {
            $size = hypot($re, $im);
            if ($size > 1e-6) {
                $worst = max($worst, hypot($re - $settled->re[$node], $im - $settled->im[$node]) / $size);
            }
        }

        return $worst;
    }
}

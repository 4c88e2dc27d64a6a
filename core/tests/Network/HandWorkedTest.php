<?php

declare(strict_types=1);

use Levin\Core\Network\Branch;
use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Network\FloatingNode;
use Levin\Core\Network\Topology;

/** @param  list<array{int, int, float, float}>  $elements node, node, siemens, siemens */
function network(int $nodes, array $elements): Factorisation
{
    $branches = array_map(fn (array $e): Branch => new Branch([$e[0], $e[1]]), $elements);

    return new Factorisation(Topology::of($nodes, $branches), array_column($elements, 2), array_column($elements, 3));
}

it('divides a voltage over two resistors', function (): void {
    // 10 V behind 1 mΩ feeding 2 Ω + 3 Ω: the middle is at 10 · 3 / 5.001 (Ohm's law, worked by hand)
    [$re] = network(2, [[0, -1, 1000, 0], [0, 1, 0.5, 0], [1, -1, 1 / 3, 0]])->solve([0 => 10_000.0]);
    expect($re[1])->toEqualWithDelta(10 * 3 / 5.001, 1e-12);
});

it('reads nothing across a balanced bridge and the textbook value across an unbalanced one', function (): void {
    // Wheatstone bridge: the detector sees V·(R2/(R1+R2) − R4/(R3+R4)) unloaded (standard circuit theory)
    $bridge = fn (float $r4): float => (function () use ($r4): float {
        [$re] = network(
            3,
            [[0, -1, 1e6, 0], [0, 1, 1 / 100, 0], [1, -1, 1 / 200, 0], [0, 2, 1 / 300, 0], [2, -1, 1 / $r4, 0]],
        )->solve([0 => 12e6]);

        return $re[1] - $re[2];
    })();
    expect($bridge(600))->toEqualWithDelta(0.0, 1e-9)
        ->and($bridge(900))->toEqualWithDelta(12 * (200 / 300 - 900 / 1200), 1e-3);
});

it('finds the capacitor voltage of a series circuit at line frequency', function (): void {
    // 40 µF in series with 66.31 Ω at 60 Hz: Xc = 1/(2π·60·40e-6) = 66.31 Ω, so it takes 1/√2 of the source (worked by hand)
    $x = 1 / (2 * M_PI * 60 * 40e-6);
    [$re, $im] = network(2, [[0, -1, 1e6, 0], [0, 1, 1 / $x, 0], [1, -1, 0, 1 / $x]])->solve([0 => 240e6]);
    expect($x)->toEqualWithDelta(66.31, 0.005)
        ->and(hypot($re[1], $im[1]))->toEqualWithDelta(240 / sqrt(2), 1e-3);
});

it('sees a transformer load through the square of the ratio', function (): void {
    // An ideal 10:1 transformer refers 8 Ω to 800 Ω at its primary (standard circuit theory); here with 1 mΩ windings
    // and a magnetizing reactance of 1 GΩ, so that only the ratio is left
    $n = 0.1;
    $xm = 1e9;
    $z11 = new Complex(1e-3, $xm);
    $z12 = new Complex(0, $n * $xm);
    $z22 = new Complex(1e-3, $n * $n * $xm);
    $d = $z11->times($z22)->minus($z12->times($z12))->inverse();
    $y = [$z22->times($d), $z12->times($d)->scaled(-1), $z12->times($d)->scaled(-1), $z11->times($d)];
    $topology = Topology::of(2, [new Branch([0, -1, 1, -1]), new Branch([1, -1])]);
    $f = new Factorisation(
        $topology,
        [...array_map(fn (Complex $c): float => $c->re, $y), 1 / 8],
        [...array_map(fn (Complex $c): float => $c->im, $y), 0.0],
    );
    expect($f->impedanceBetween(0, -1)->re)->toEqualWithDelta(800.1, 0.01);
});

it('solves an island that hangs by a picosiemens as exactly as a stiff one', function (): void {
    // ten nodes in a ring of 1 mΩ, leaking to earth through 1 TΩ in all: the impedance to earth is that leak (worked by hand)
    $ring = array_map(fn (int $n): array => [$n, ($n + 1) % 10, 1000.0, 0.0], range(0, 9));
    $z = network(10, [...$ring, [3, -1, 1e-12, 0.0]])->impedanceBetween(7, -1);
    expect($z->re / 1e12)->toEqualWithDelta(1.0, 1e-9);
});

it('re-eliminates a change to the same numbers as a fresh elimination', function (): void {
    mt_srand(7);
    $elements = [];
    for ($n = 0; $n < 40; $n++) {
        $elements[] = [$n, $n === 0 ? -1 : mt_rand(0, $n - 1), mt_rand(1, 1000) / 10, mt_rand(-50, 50) / 10];
        $elements[] = [$n, -1, 1e-9, 1e-9];
    }
    for ($n = 0; $n < 15; $n++) {
        $elements[] = [mt_rand(0, 19), mt_rand(20, 39), mt_rand(1, 1000) / 100, 0.0];
    }
    $base = network(40, $elements);
    foreach ([4, 23, 80, 94] as $changed) {
        $other = $elements;
        $other[$changed][2] = 0.0;
        $other[$changed][3] = 0.25;
        $fresh = network(40, $other)->solve([5 => 1.0, 30 => -2.0]);
        $updated = $base->with([$changed => [0.0, 0.25]])->solve([5 => 1.0, 30 => -2.0]);
        foreach ($fresh[0] as $n => $re) {
            expect($updated[0][$n])->toEqualWithDelta($re, abs($re) * 1e-9 + 1e-9);
        }
    }
});

it('is reciprocal: a current at one place shows at another what the other way round shows (circuit theory)', function (): void {
    mt_srand(11);
    $elements = [];
    for ($n = 0; $n < 25; $n++) {
        $elements[] = [$n, $n === 0 ? -1 : mt_rand(-1, $n - 1), mt_rand(1, 500) / 10, mt_rand(-200, 200) / 10];
        $elements[] = [$n, -1, 0.01, 0.0];
    }
    $f = network(25, $elements);
    foreach ([[2, 17], [0, 24], [9, 10]] as [$a, $b]) {
        [$ab] = $f->solve([$a => 1.0]);
        [$ba] = $f->solve([$b => 1.0]);
        expect($ab[$b])->toEqualWithDelta($ba[$a], 1e-12);
    }
});

it('refuses a node that is joined to nothing', function (): void {
    network(2, [[0, -1, 1.0, 0.0], [1, -1, 0.0, 0.0]]);
})->throws(FloatingNode::class);

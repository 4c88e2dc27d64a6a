<?php

declare(strict_types=1);

use Levin\Core\Ladder\Layout;
use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\NgSpice;
use Levin\Core\Tests\Support\RandomCircuit;
use Levin\Core\Tests\Support\Unit;
use Symfony\Component\Yaml\Yaml;

/**
 * The current every element pushes into every node, and the power every element takes.
 *
 * @return array{array<int, array{float, float}>, float, float} residual by node, largest current, sum of complex power's real
 *         part over supply power
 */
function balance(Settled $settled): array
{
    $model = $settled->model;
    $v = fn (int $n): array => $n < 0 ? [0.0, 0.0] : [$settled->re[$n], $settled->im[$n]];
    $into = [];
    $largest = 0.0;
    $power = 0.0;
    $push = function (int $a, int $b, float $re, float $im) use (&$into, &$largest): void {
        foreach ([[$a, -1], [$b, 1]] as [$node, $sign]) {
            $into[$node][0] = ($into[$node][0] ?? 0.0) + $sign * $re;
            $into[$node][1] = ($into[$node][1] ?? 0.0) + $sign * $im;
        }
        $largest = max($largest, hypot($re, $im));
    };
    $stamps = $model->strays($model->omega);
    foreach (array_keys($model->components) as $id) {
        $stamps += $model->values($id, $settled->states[$id] ?? '', $settled->faults->in($id), $settled->conditions, $model->omega);
    }
    foreach ($stamps as $b => $y) {
        $branch = $model->topology->branches[$b];
        $ports = array_chunk($branch->nodes, 2);
        $count = count($ports);
        foreach ($ports as $i => [$p, $q]) {
            $re = $im = 0.0;
            foreach ($ports as $j => [$r, $s]) {
                [$vr, $vi] = [$v($r)[0] - $v($s)[0], $v($r)[1] - $v($s)[1]];
                [$g, $x] = [$y[2 * ($i * $count + $j)], $y[2 * ($i * $count + $j) + 1]];
                $re += $g * $vr - $x * $vi;
                $im += $g * $vi + $x * $vr;
            }
            if ($branch->injects) {
                $re -= $y[2];
                $im -= $y[3];
            }
            $push($p, $q, $re, $im);
            $power += ($v($p)[0] - $v($q)[0]) * $re + ($v($p)[1] - $v($q)[1]) * $im;
        }
    }
    unset($into[-1]);

    return [$into, $largest, $power];
}

/** @return array<string, Settled> */
function randomCircuits(int $first, int $count): array
{
    $settled = [];
    for ($seed = $first; $seed < $first + $count; $seed++) {
        $settled["seed $seed"] = Unit::fromText(RandomCircuit::yaml($seed, 4 + $seed % 13))->with();
    }

    return $settled;
}

it('agrees with ngspice on a thousand random circuits, obeys Kirchhoff at every node and makes no energy', function (int $first): void {
    $circuits = randomCircuits($first, 50);
    $differences = NgSpice::worstDifferences($circuits);
    arsort($differences);
    $worst = array_key_first($differences);
    expect($differences[$worst])->toBeLessThan(1e-6, "$worst differs by {$differences[$worst]}");
    foreach ($circuits as $name => $settled) {
        [$into, $largest, $power] = balance($settled);
        foreach ($into as [$re, $im]) {
            expect(hypot($re, $im))->toBeLessThan(1e-7 * max(1.0, $largest), $name);
        }
        // over all branches of a network the powers add up to nothing (Tellegen's theorem)
        expect(abs($power))->toBeLessThan(1e-5 * max(1.0, $largest), $name);
    }
})->with(range(1, 951, 50));

it('lets every part take power or pass it on, and none but the supply give it', function (int $first): void {
    foreach (randomCircuits($first, 25) as $name => $settled) {
        $given = $taken = 0.0;
        foreach ($settled->model->parts as $id => $component) {
            $watts = 0.0;
            foreach ($component->part->terminals as $terminal) {
                $v = $settled->at($component->part->point($terminal));
                $i = $settled->currentInto($id, $terminal);
                $watts += $v->re * $i->re + $v->im * $i->im;
            }
            str_starts_with($component->part->kind, 'supply-') || $component->part->kind === 'board' ? $given -= $watts : $taken += $watts;
            if (! str_starts_with($component->part->kind, 'supply-') && $component->part->kind !== 'board') {
                // a motor driven by an unbalanced or foreign feed may hand a little back through one winding, never over all of them
                expect($watts)->toBeGreaterThan(-1e-3 * max(1.0, abs($given)), "$name: $id, a {$component->part->kind}, gives $watts W");
            }
        }
        expect($taken)->toBeLessThan($given + 1e-6 * max(1.0, $given), $name);
    }
})->with([1001, 1026, 1051, 1076]);

it('reads the same in whatever order the file lists its parts and wires', function (int $seed): void {
    $yaml = RandomCircuit::yaml($seed, 9);
    $data = Yaml::parse($yaml);
    foreach (['parts', 'wires'] as $key) {
        $data[$key] = array_reverse($data[$key], true);
    }
    foreach (['conditions', 'quantities'] as $key) {
        $data[$key] = new ArrayObject($data[$key] ?? []);
    }
    [$one, $other] = [Unit::fromText($yaml), Unit::fromText(Yaml::dump($data, 8, 2, Yaml::DUMP_OBJECT_AS_MAP))];
    foreach ($one->model()->circuit->points() as $point) {
        expect($other->with()->at($point)->minus($one->with()->at($point))->abs())->toBeLessThan(
            1e-6 * max(1.0, $one->with()->at($point)->abs()),
            $point,
        );
    }
})->with([2, 5, 14, 33, 52, 61]);

it('reads the same whichever way round the ohmmeter is held, and never less than nothing', function (int $seed): void {
    $unit = Unit::fromText(RandomCircuit::yaml($seed, 10));
    $network = $unit->settler->dead($unit->conditions(), Levin\Core\Parts\Faults::none(), $unit->model()->initialStates, 0.0);
    $points = array_slice($unit->model()->circuit->points(), 4, 14);
    foreach ($points as $n => $a) {
        foreach (array_slice($points, $n + 1) as $b) {
            $there = $network->impedanceBetween($unit->model()->node($a), $unit->model()->node($b))->re;
            $back = $network->impedanceBetween($unit->model()->node($b), $unit->model()->node($a))->re;
            expect($there)->toBeGreaterThan(0)->and($back)->toEqualWithDelta($there, 1e-6 * $there + 1e-9);
        }
    }
})->with([3, 8, 21]);

it('draws any circuit without losing a wire that lies between the rails', function (int $seed): void {
    $unit = Unit::fromText(RandomCircuit::yaml($seed, 9));
    $drawing = Layout::of($unit->model());
    $wires = array_filter(array_column($drawing->conductors, 'wire'));
    expect(count($wires))->toBe(count(array_unique($wires)))
        ->and($drawing->width)->toBeGreaterThan(0);
    foreach ($drawing->symbols as $symbol) {
        expect($symbol->x)->toBeGreaterThan(0.0)->toBeLessThan($drawing->width);
    }
})->with(range(1, 8));

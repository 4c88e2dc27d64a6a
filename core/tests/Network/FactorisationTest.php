<?php

declare(strict_types=1);

use Levin\Core\Network\Branch;
use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Network\FloatingNode;
use Levin\Core\Network\Topology;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The nodal matrix, dense, filled by the textbook's rule for a branch and for a coupled pair.
 *
 * @param  list<Branch>  $branches
 * @param  list<Complex>  $values  in the order of Topology
 * @return list<list<Complex>>
 */
function dense(int $nodes, array $branches, array $values): array
{
    $matrix = array_fill(0, $nodes, array_fill(0, $nodes, new Complex(0)));
    $n = 0;
    foreach ($branches as $branch) {
        $ports = array_chunk($branch->nodes, 2);
        foreach ($ports as $p) {
            foreach ($ports as $q) {
                $y = $values[$n++];
                foreach ([[$p[0], 1], [$p[1], -1]] as [$row, $r]) {
                    foreach ([[$q[0], 1], [$q[1], -1]] as [$column, $c]) {
                        if ($row >= 0 && $column >= 0) {
                            $matrix[$row][$column] = $matrix[$row][$column]->plus($y->scaled($r * $c));
                        }
                    }
                }
            }
        }
    }

    return $matrix;
}

/**
 * Gaussian elimination with row pivoting: slow, plain and not Levin's.
 *
 * @param  list<list<Complex>>  $a
 * @param  list<Complex>  $b
 * @return list<Complex>
 */
function gauss(array $a, array $b): array
{
    $n = count($a);
    for ($k = 0; $k < $n; $k++) {
        $pivot = $k;
        for ($i = $k + 1; $i < $n; $i++) {
            $pivot = $a[$i][$k]->abs() > $a[$pivot][$k]->abs() ? $i : $pivot;
        }
        [$a[$k], $a[$pivot]] = [$a[$pivot], $a[$k]];
        [$b[$k], $b[$pivot]] = [$b[$pivot], $b[$k]];
        for ($i = $k + 1; $i < $n; $i++) {
            $factor = $a[$i][$k]->over($a[$k][$k]);
            for ($j = $k; $j < $n; $j++) {
                $a[$i][$j] = $a[$i][$j]->minus($factor->times($a[$k][$j]));
            }
            $b[$i] = $b[$i]->minus($factor->times($b[$k]));
        }
    }
    for ($k = $n - 1; $k >= 0; $k--) {
        for ($j = $k + 1; $j < $n; $j++) {
            $b[$k] = $b[$k]->minus($a[$k][$j]->times($b[$j]));
        }
        $b[$k] = $b[$k]->over($a[$k][$k]);
    }

    return $b;
}

/** @return array{int, list<Branch>, list<Complex>, list<Complex>} nodes, branches, values, injected currents */
function anyNetwork(int $seed, int $nodes): array
{
    $dice = new Randomizer(new Mt19937($seed));
    $any = fn (): float => $dice->getInt(-1000, 1000) / 100;
    $branches = $values = [];
    for ($n = 0; $n < $nodes; $n++) {
        $branches[] = new Branch([$n, -1]);
        $values[] = new Complex(0.5 + abs($any()), $any());
    }
    for ($k = 0; $k < 2 * $nodes; $k++) {
        $branches[] = new Branch([$dice->getInt(0, $nodes - 1), $dice->getInt(-1, $nodes - 1)]);
        $values[] = new Complex(abs($any()), $any());
    }
    for ($k = 0; $k < 3; $k++) {
        $branches[] = new Branch(
            [$dice->getInt(0, $nodes - 1), $dice->getInt(-1, $nodes - 1), $dice->getInt(0, $nodes - 1), $dice->getInt(-1, $nodes - 1)],
        );
        array_push(
            $values,
            new Complex(40, $any()),
            new Complex($any() / 10, $any() / 10),
            new Complex($any() / 10, $any() / 10),
            new Complex(40, $any()),
        );
    }
    $inject = array_map(fn (): Complex => new Complex($any(), $any()), range(1, $nodes));

    return [$nodes, $branches, $values, $inject];
}

/** @param  list<Complex>  $values */
function factorised(int $nodes, array $branches, array $values): Factorisation
{
    return new Factorisation(
        Topology::of($nodes, $branches),
        array_map(fn (Complex $c): float => $c->re, $values),
        array_map(fn (Complex $c): float => $c->im, $values),
    );
}

/**
 * @param  list<Complex>  $inject
 * @return list<Complex>
 */
function solved(Factorisation $f, array $inject): array
{
    [$re, $im] = $f->solve(array_map(fn (Complex $c): float => $c->re, $inject), array_map(fn (Complex $c): float => $c->im, $inject));

    return array_map(fn (float $r, float $i): Complex => new Complex($r, $i), $re, $im);
}

/**
 * @param  list<Complex>  $found
 * @param  list<Complex>  $right
 */
function expectSame(array $found, array $right): void
{
    foreach ($right as $n => $v) {
        expect($found[$n]->minus($v)->abs())->toBeLessThan(1e-9 * max(1.0, $v->abs()));
    }
}

it('solves any network, coupled pairs and all, as plain Gaussian elimination does', function (int $seed): void {
    [$nodes, $branches, $values, $inject] = anyNetwork($seed, 3 + $seed % 9);
    expectSame(solved(factorised($nodes, $branches, $values), $inject), gauss(dense($nodes, $branches, $values), $inject));
})->with(range(1, 25));

it('changes any branch, single or coupled, and leaves the first network as it was', function (int $seed): void {
    [$nodes, $branches, $values, $inject] = anyNetwork($seed, 6);
    $first = factorised($nodes, $branches, $values);
    $before = solved($first, $inject);
    $offset = $first->topology->offset;
    foreach ($branches as $b => $branch) {
        $count = $branch->values();
        $changed = $values;
        $flat = [];
        for ($i = 0; $i < $count; $i++) {
            $changed[$offset[$b] + $i] = $values[$offset[$b] + $i]->scaled(0.25)->plus(
                new Complex($count === 4 && ($i === 0 || $i === 3) ? 20 : 0.0, 0.1),
            );
            array_push($flat, $changed[$offset[$b] + $i]->re, $changed[$offset[$b] + $i]->im);
        }
        expectSame(solved($first->with([$b => $flat]), $inject), gauss(dense($nodes, $branches, $changed), $inject));
    }
    expectSame(solved($first, $inject), $before);
})->with([31, 32, 33]);

it('sees the impedance between two nodes that the voltage of one ampere shows', function (int $seed): void {
    [$nodes, $branches, $values] = anyNetwork($seed, 5);
    $f = factorised($nodes, $branches, $values);
    foreach ([[0, 3], [3, 0], [4, 1], [2, -1], [0, -1], [-1, 0], [-1, 2], [-1, -1]] as [$a, $b]) {
        $one = array_fill(0, $nodes, new Complex(0));
        $a >= 0 && $one[$a] = $one[$a]->plus(new Complex(1));
        $b >= 0 && $one[$b] = $one[$b]->minus(new Complex(1));
        $v = gauss(dense($nodes, $branches, $values), $one);
        $z = ($a < 0 ? new Complex(0) : $v[$a])->minus($b < 0 ? new Complex(0) : $v[$b]);
        expect($f->impedanceBetween($a, $b)->minus($z)->abs())->toBeLessThan(1e-9);
    }
})->with([41, 42]);

it('tells which changes change anything, to the last digit', function (): void {
    $branches = [new Branch([0, -1]), new Branch([0, 1]), new Branch([0, -1, 1, -1])];
    $values = [new Complex(1, 2), new Complex(3, 4), new Complex(5), new Complex(0.1), new Complex(0.2), new Complex(6)];
    $f = factorised(2, $branches, $values);
    $coupled = [5.0, 0.0, 0.1, 0.0, 0.2, 0.0, 6.0, 0.0];
    expect($f->differing([0 => [1.0, 2.0], 1 => [3.0, 4.0], 2 => $coupled]))->toBe([])
        ->and(array_keys($f->differing([0 => [1.0, 2.0], 1 => [3.0, 4.000001]])))->toBe([1])
        ->and(array_keys($f->differing([0 => [1.1, 2.0], 1 => [3.0, 4.0]])))->toBe([0])
        ->and(array_keys($f->differing([2 => [5.0, 0.0, 0.1, 0.0, 0.2, 0.0, 6.0, 1e-9]])))->toBe([2])
        ->and(array_keys($f->differing([2 => [5.0, 0.0, 0.1, 0.0, 0.3, 0.0, 6.0, 0.0]])))->toBe([2]);
});

it('tells what each port of a branch carries by itself', function (): void {
    $f = factorised(2, [new Branch([0, -1]), new Branch([0, -1, 1, -1])], [
        new Complex(3, 4), new Complex(6, 8), new Complex(1), new Complex(1), new Complex(0, -5),
    ]);
    expect($f->portAdmittances(0))->toBe([5.0])->and($f->portAdmittances(1))->toBe([10.0, 5.0]);
});

it('names the node that is joined to nothing', function (): void {
    $alone = fn () => factorised(3, [new Branch([0, -1]), new Branch([1, 2])], [new Complex(1), new Complex(0)]);
    expect($alone)->toThrow(FloatingNode::class, 'is joined to nothing')
        ->and(fn () => factorised(
            2,
            [new Branch([0, -1]), new Branch([0, 1])],
            [new Complex(1), new Complex(0, 1e-12)],
        ))->not->toThrow(FloatingNode::class);
    try {
        $alone();
    } catch (FloatingNode $e) {
        expect($e->node)->toBeIn([1, 2])->and($e->getMessage())->toBe("Node $e->node is joined to nothing.");
    }
});

it('solves a network of no nodes, and one that nothing is fed into', function (): void {
    expect((new Factorisation(Topology::of(0, []), [], []))->solve([]))->toBe([[], []]);
    [$re, $im] = factorised(2, [new Branch([0, -1]), new Branch([0, 1])], [new Complex(1), new Complex(1)])->solve([]);
    expect(array_map(abs(...), [...$re, ...$im]))->toBe([0.0, 0.0, 0.0, 0.0]);
});

it('counts with complex numbers', function (): void {
    [$a, $b] = [new Complex(3, 4), new Complex(1, -2)];
    $is = fn (Complex $c): array => [$c->re, $c->im];
    expect($is($a->plus($b)))->toBe([4.0, 2.0])
        ->and($is($a->minus($b)))->toBe([2.0, 6.0])
        ->and($is($a->times($b)))->toBe([11.0, -2.0])
        ->and($is($a->scaled(-2)))->toBe([-6.0, -8.0])
        ->and($is($a->over($b)))->toEqualWithDelta([-1.0, 2.0], 1e-12)
        ->and($is($a->inverse()))->toEqualWithDelta([0.12, -0.16], 1e-15)
        ->and($a->abs())->toBe(5.0)
        ->and(fn () => (new Complex(0))->inverse())->toThrow(DivisionByZeroError::class)
        ->and(fn () => $a->over(new Complex(0, 0)))->toThrow(DivisionByZeroError::class)
        ->and((new Complex(0, 1))->inverse()->im)->toBe(-1.0);
});

it('counts one value for a branch and four for a coupled pair', function (): void {
    expect(new Branch([0, 1]))->values()->toBe(1)->isCoupled()->toBeFalse()
        ->and(new Branch([0, 1, 2, 3]))->values()->toBe(4)->isCoupled()->toBeTrue()
        ->and((new Branch([0, 1]))->injects)->toBeFalse()->and((new Branch([0, 1], true))->injects)->toBeTrue();
});

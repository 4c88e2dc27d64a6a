<?php

declare(strict_types=1);

use Levin\Core\Circuit\Lag;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Branch;
use Levin\Core\Operation\Nodes;
use Levin\Core\Operation\Quantities;
use Levin\Core\Operation\Strays;
use Levin\Core\Operation\Timers;
use Levin\Core\Parts\Conductor;
use Levin\Core\Parts\Pending;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

it('numbers every point once, earth before all, and what lies inside parts after them', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $nodes = new Nodes($circuit);
    expect($nodes->at($circuit->earth))->toBe(-1)
        ->and($nodes->count())->toBe(count($circuit->points()) - 1)
        ->and($nodes->number('COMP.@i'))->toBe(count($circuit->points()) - 1)
        ->and($nodes->number('COMP.@i'))->toBe(count($circuit->points()) - 1)
        ->and($nodes->count())->toBe(count($circuit->points()))
        ->and(array_unique($nodes->all()))->toHaveCount($nodes->count() + 1)
        ->and(fn () => $nodes->at('CC.Q'))->toThrow(UnknownName::class);
});

it('takes a wire for a component like any other', function (): void {
    $model = Unit::cooling()->model();
    $wire = $model->component('w24');
    expect($wire)->toBeInstanceOf(Conductor::class)
        ->and($wire->isWire())->toBeTrue()->and($model->component('CC')->isWire())->toBeFalse()
        ->and($wire->symbols())->toBe([])->and($wire->isLoad())->toBeFalse()
        ->and(array_keys($model->components))->toBe([...array_keys($model->circuit->parts), ...array_keys($model->circuit->wires)])
        ->and($model->parts)->not->toHaveKey('w24')
        ->and(fn () => $model->component('w2x4'))->toThrow(UnknownName::class, 'Did you mean w24?')
        ->and(fn () => $wire->nodeName('middle'))->toThrow(LogicException::class);
});

it('gives a wire the ohms of its copper, more where it is loose, none where it is lifted (NEC chapter 9 table 8, from '
    .'memory)', function (): void {
        $model = Unit::cooling()->model();
        $siemens = fn (array $modes, array $lifted = []): array => array_column(
            array_values($model->values('w24', '', $modes, Unit::cooling()->conditions()->lifting($lifted), $model->omega)), 0,
        );
        $copper = $model->circuit->wire('w24')->gauge->ohmsPerMetre() * $model->circuit->wire('w24')->length;
        expect(1 / $siemens([])[0])->toEqualWithDelta($copper, 1e-12)
            ->and($siemens([])[1])->toBe(0.0)
            ->and(1 / $siemens(['loose' => 15.0])[0])->toEqualWithDelta(15.0 + $copper, 1e-9)
            ->and(1 / $siemens(['loose' => null])[0])->toEqualWithDelta(20.0 + $copper, 1e-9)
            ->and($siemens(['open' => null])[0])->toBe(0.0)
            ->and($siemens([], ['w24'])[0])->toBe(0.0)
            ->and(1 / $siemens(['grounded' => 5.0])[1])->toEqualWithDelta(5.0, 1e-9);
    });

it('takes a part that is pulled out of the network and leaves the rest', function (): void {
    $unit = Unit::cooling();
    $model = $unit->model();
    $in = $model->values('CCH', '', [], $unit->conditions(), $model->omega);
    $out = $model->values('CCH', '', [], $unit->conditions()->removing(['CCH']), $model->omega);
    expect(array_keys($out))->toBe(array_keys($in))
        ->and(array_sum(array_merge(...array_map(fn (array $v): array => array_map(abs(...), $v), array_values($out)))))->toBe(0.0)
        ->and(array_sum(array_merge(...array_values($in))))->toBeGreaterThan(0.0);
});

it('hangs every conductor by its stray capacitance: 30 pF a metre, half at each end, and 2 pF a terminal (common '
    .'practice)', function (): void {
        $circuit = Rig::of(
            'supply-single-phase, volts: 24',
            ['A' => 'resistor, ohms: 10'],
            [['SUP.L', 'A.1'], ['A.2', 'SUP.N']],
        )->model()->circuit;
        $nodes = new Nodes($circuit);
        $strays = new Strays($circuit, $nodes, 100);
        $values = $strays->values(1.0);
        $farads = [];
        foreach ($strays->branches as $n => $branch) {
            expect($branch)->toBeInstanceOf(Branch::class)->and($branch->nodes[1])->toBe(-1);
            $farads[$branch->nodes[0]] = $values[100 + $n][1];
        }
        // A.1 has one wire of 0.1 m
        expect($farads[$nodes->at('A.1')])->toEqualWithDelta(2e-12 + 0.5 * 0.1 * 30e-12, 1e-16)
            ->and($values[100])->toHaveCount(2)->and($values[100][0])->toBe(0.0);
        foreach ($strays->values(0.0) as $leak) {
            expect($leak)->toBe([1e-12, 0.0]);
        }
    });

it('couples the conductors of one bundle, and none of different ones', function (): void {
    $circuit = Unit::shipped('gas-furnace')->model()->circuit;
    $strays = new Strays($circuit, new Nodes($circuit), 0);
    $coupled = array_filter($strays->branches, fn (Branch $b): bool => $b->nodes[1] >= 0);
    $bundles = array_count_values(array_filter(array_map(fn ($w): string => $w->bundle, array_values($circuit->wires))));
    $most = 2 * array_sum(array_map(fn (int $n): int => intdiv($n * ($n - 1), 2), $bundles));
    expect(count($coupled))->toBeGreaterThan(0)->toBeLessThanOrEqual($most);
    foreach (array_keys($coupled) as $n) {
        expect($strays->values(0.0)[$n])->toBe([0.0, 0.0])->and($strays->values(377.0)[$n][1])->toBeGreaterThan(0.0);
    }
});

it('knows who follows a quantity and the levels at which something acts', function (): void {
    $marks = Unit::shipped('gas-furnace')->model()->marks;
    $freezer = Unit::shipped('freezer-pump-down')->model();
    $levels = [];
    foreach ($freezer->circuit->quantities as $name => $quantity) {
        $levels = [...$levels, ...$freezer->marks->levels($name)];
    }
    expect($marks->levels('nothing_at_all'))->toBe([])
        ->and($marks->followers([]))->toBe([])
        ->and($levels)->not->toBe([]);
    foreach ($freezer->circuit->parts as $part) {
        $senses = $part->plate['senses'] ?? '';
        if ($senses !== '' && isset($part->plate['opens_at'])) {
            expect($freezer->marks->levels((string) $senses))->toContain(
                (float) $part->plate['opens_at'],
                (float) $part->plate['closes_at'],
            );
        }
    }
});

it('moves quantities by the first rule that holds', function (): void {
    $unit = Unit::fromText(<<<'YAML'
        levin: 1
        id: warm
        title: Warm
        family: bench
        supply: bench
        frequency: 60
        earth: SUP.G
        places: { bench: { label: bench, minutes: 0 } }
        parts:
          SUP: { kind: supply-single-phase, label: Supply, place: bench, plate: { volts: 24 } }
          TS: { kind: temperature-switch, label: Limit, place: bench, plate: { senses: air, opens_at: 60, closes_at: 40 } }
          TH: { kind: thermistor, label: Sensor, place: bench, plate: { senses: air, ohms: 10000 } }
        quantities:
          air: { label: Air, unit: °C, normal: 20, rules: [{ when: [hot], towards: 100, lag: 100 }, { towards: 20, lag: 50 }] }
          flame: { label: Flame, unit: '', normal: 0, quick: true, rules: [{ when: [hot], towards: 1, lag: 1 }, { towards: 0, lag: 1 }] }
        wires:
          a: { from: SUP.L, to: TS.1, colour: red, gauge: 18, length: 1 }
          b: { from: TS.2, to: SUP.N, colour: blue, gauge: 18, length: 1 }
          c: { from: SUP.L, to: TH.1, colour: red, gauge: 18, length: 1 }
          d: { from: TH.2, to: SUP.N, colour: blue, gauge: 18, length: 1 }
        conditions: { hot: { label: Hot, default: false } }
        ladder: [{ title: Control, rails: [SUP.L, SUP.N] }]
        YAML);
    $quantities = new Quantities($unit->model());
    $nothing = fn (): string => '';
    [$cold, $hot] = [$unit->conditions(), $unit->conditions(['hot' => true])];
    expect($quantities->quick($cold, $nothing))->toBe([])
        ->and($quantities->quick($hot, $nothing))->toBe(['flame' => 1.0])
        ->and($quantities->moving($cold, $nothing))->toBe([])
        ->and($quantities->moving($hot, $nothing))->toEqual(['air' => new Lag(100.0, 100.0)]);
    $moving = $quantities->moving($hot, $nothing);
    // followed by the thermistor: told a quarter of the lag on, before 40 °C at 100·ln(80/60) = 28.8 s
    expect($quantities->next($moving, $hot))->after->toBe(25.0)->numbers->toBe([])
        // one lag on it has gone 1 − 1/e of the way (physics)
        ->and($quantities->after($moving, $hot, 100.0)['air'])->toEqualWithDelta(20 + 80 * (1 - exp(-1)), 1e-9);
    // from 30 °C the 40 °C mark comes at 100·ln(70/60) = 15.4 s, before the thermistor is told, and is just passed
    $warm = $hot->withNumbers(['air' => 30.0]);
    $mark = $quantities->next($moving, $warm);
    expect($mark->after)->toEqualWithDelta(100 * log(70 / 60), 1e-9)
        ->and($mark->numbers['air'])->toBeGreaterThan(40.0)->toBeLessThan(40.001)
        ->and($quantities->next([], $hot)->after)->toBe(INF);
});

it('reaches a level on its way and none behind it', function (float $from, float $level, float $after): void {
    expect((new Lag(100.0, 10.0))->reaches($from, $level))->toEqualWithDelta($after, 1e-9);
})->with([
    [0, 50, 10 * log(2)],
    [0, 90, 10 * log(10)],
    [200, 150, 10 * log(2)],
]);

it('never reaches a level that lies behind, where it stands, or beyond where it is heading', function (float $from, float $level): void {
    expect((new Lag(100.0, 10.0))->reaches($from, $level))->toBe(INF);
})->with([[50, 40], [50, 50], [50, 100], [50, 101], [100, 100], [100, 50]]);

it('keeps timers from when they started, and forgets those of a part that has moved', function (): void {
    $timers = new Timers;
    $first = [['A', new Pending('out', 10.0)], ['B', new Pending('on', 4.0)]];
    $timers->keep($first, 100.0);
    expect($timers->next($first))->toBe([104.0, ['B' => 'on']])->and($timers->next([]))->toBe([INF, []]);
    // later, with B gone: A runs on, C is new
    $second = [['A', new Pending('out', 10.0)], ['C', new Pending('off', 50.0)]];
    $timers->keep($second, 106.0);
    expect($timers->next($second))->toBe([110.0, ['A' => 'out']]);
    $timers->forget(['A']);
    $timers->keep($second, 107.0);
    expect($timers->next($second))->toBe([117.0, ['A' => 'out']])
        ->and($timers->next([$second[1]]))->toBe([156.0, ['C' => 'off']]);
    // B comes back: it starts over
    $timers->keep($first, 120.0);
    expect($timers->next([$first[1]]))->toBe([124.0, ['B' => 'on']]);
});

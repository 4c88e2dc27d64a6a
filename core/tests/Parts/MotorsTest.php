<?php

declare(strict_types=1);

use Levin\Core\Parts\Drifts\Cooling;
use Levin\Core\Parts\Drifts\Counting;
use Levin\Core\Parts\Drifts\TwoBodies;
use Levin\Core\Parts\Drifts\Warming;
use Levin\Core\Parts\Level;
use Levin\Core\Parts\Machines\Load;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Motors, blowers and overloads on a test board, and the small machinery they are made of.

it('starts on its capacitor and runs without it, and cannot start with its switch or capacitor open', function (): void {
    $unit = Rig::of('supply-split-phase, volts: 240, source_ohms: 0.01', [
        'M' => 'motor-capacitor-start, volts: 240, fla: 4.9, lra: 24, run_ohms: 2.4, start_ohms: 6, capacitor_uf: '
            .'160', 'C' => 'capacitor-start, start_uf: 160',
    ], [['SUP.L1', 'M.R'], ['SUP.L1', 'C.1'], ['C.2', 'M.S'], ['M.C', 'SUP.L2']]);
    $running = $unit->with();
    expect($running->observed('M'))->toBe('runs')->and($running->wireCurrent('w3')->abs())->toBeLessThan(0.01)
        ->and($running->currentOf('M'))->toEqualWithDelta(4.9, 0.1)
        ->and($unit->with('M:switch-open')->observed('M'))->toBe('hums')
        ->and($unit->with('C:start-open')->observed('M'))->toBe('hums')
        ->and($unit->with('M:switch-stuck')->wireCurrent('w3')->abs())->toBeGreaterThan(3);
});

it('turns a shaded-pole motor down to six tenths of its volts and no further', function (): void {
    $at = fn (float $volts): string => Rig::of(
        "supply-single-phase, volts: $volts, source_ohms: 0.01",
        ['M' => 'motor-shaded-pole, volts: 240, fla: 0.5, lra: 0.8, ohms: 120'],
        [['SUP.L', 'M.1'], ['M.2', 'SUP.N']],
    )->with()->observed('M');
    expect($at(240))->toBe('runs')->and($at(150))->toBe('runs')->and($at(135))->toBe('silent');
});

it('runs slower on a lower tap: less current on the line for a lower speed of the same fan', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $heat = $unit->with();
    $cool = $unit->settle($unit->conditions(['call_heat' => false, 'call_fan' => true]));
    expect($heat->observed('IBM'))->toBe('runs')->and($cool->observed('IBM'))->toBe('runs')
        ->and((float) substr($heat->states['IBM'], 8))->toBeGreaterThan((float) (substr($cool->states['IBM'], 8) ?: 0));
});

it('starts an electronically commutated blower on 24 V at a tap, faster on a higher one, and answers the ducts', function (
    string $kind,
    string $low,
    string $high,
    int $sign,
): void {
    $rig = fn (string $tap): Unit => Rig::of('supply-split-phase, volts: 240, source_ohms: 0.01', [
        'B' => "$kind, volts: 240, watts: 500, start_delay: 2, restriction: ducts",
        'T' => 'transformer, primary_volts: 240, va: 40, primary_ohms: 48, secondary_ohms: 0.6',
    ], [
        ['SUP.L1', 'B.L1'],
        ['SUP.L1', 'T.H1'],
        ['T.X1', "B.$tap"],
        ['T.X2', 'B.C'],
        ['T.H2', 'SUP.L2'],
        ['B.L2', 'SUP.L2'],
    ], quantities: ['ducts' => 1.0]);
    $watts = fn (Unit $unit, array $c = [], string ...$f): float => $unit->settle(
        $unit->conditions($c),
        array_values($f),
    )->currentInto('B', 'L1')->abs();
    expect($watts($rig($high)))->toBeGreaterThan(1.3 * $watts($rig($low)))
        ->and($sign * ($watts($rig($high), ['ducts' => 2]) - $watts($rig($high))))->toBeGreaterThan(0)
        ->and($rig($high)->with('B:module-dead')->observed('B'))->toBe('still')
        ->and($rig($high)->with('T:secondary-open')->observed('B'))->toBe('still')
        ->and($rig($high)->run('until: 5 s')->when('B', 'runs'))->toEqualWithDelta(2, 0.01);
})->with([['blower-constant-torque', '1', '5', -1], ['blower-variable-speed', 'G', 'W2', 1]]);

it('opens a starter through its overload relay, within ten seconds at 7.2 times its setting and not at its rating (IEC '
    .'60947-4-1 class 10, from memory)', function (): void {
        $seconds = function (float $times): float {
            $drift = Overload::relay(10)->closed(10 * $times, 'tripped');

            return $drift->reaches(new Level);
        };
        expect($seconds(1.05))->toBe(INF)->and($seconds(1.2))->toBeLessThan(7200)->and($seconds(1.5))->toBeLessThan(240)
            ->and($seconds(7.2))->toBeGreaterThan(4)->toBeLessThan(10);
        $run = Unit::shipped('rooftop-460')->run('until: 60 s', ['IBM:seized']);
        expect($run->when('OLR', 'tripped'))->toBeLessThan(30)->and($run->when('BC', 'dropped out'))->toBe($run->when('OLR', 'tripped'));
    });

it('opens a line-break overload on a stalled compressor and lets it try again', function (): void {
    $run = Unit::shipped('freezer-pump-down')->run('until: 30 min', ['COMP:seized']);
    $opened = $run->when('OL', 'open') ?? $run->when('COMP', 'tripped on its overload') ?? INF;
    expect($opened)->toBeLessThan(60)->and($run->end->currentOf('COMP'))->toBeLessThan(60);
});

it('gives a load its share by a power of the speed, and finds where a motor carries it', function (): void {
    $fan = new Load(1.0, 2.0, 0.05);
    $torque = fn (float $s): float => 2 / ($s / 0.2 + 0.2 / $s);       // a textbook curve with its peak of 1 at s = 0.2 (Kloss)
    $double = fn (float $s): float => 2 * $torque($s);
    $slip = $fan->slipFrom(0.05, $double) ?? NAN;
    expect($fan->torqueAt(0.05))->toBe(1.0)->and($fan->torqueAt(0.525))->toEqualWithDelta(0.25, 1e-9)
        ->and($double($slip))->toEqualWithDelta($fan->torqueAt($slip), 0.01)
        ->and((new Load(3.0, 0.0, 0.05))->slipFrom(0.05, $double))->toBeNull()
        ->and($fan->isCarriedAt($slip, $double))->toBeTrue()->and($fan->isCarriedAt(2 * $slip, $double))->toBeFalse();
});

it('reaches a threshold after the time its lag says (first-order lag)', function (): void {
    $warming = new Warming(4.0, 100.0, 'open');
    $time = $warming->reaches(new Level);
    expect($time)->toEqualWithDelta(100 * log(4 / 3), 1e-9)->and($warming->after(new Level, $time)->own)->toEqualWithDelta(1.0, 1e-9)
        ->and((new Warming(0.9, 100.0, 'open'))->reaches(new Level))->toBe(INF)
        ->and((new Cooling(60.0, 0.5, 'closed'))->reaches(new Level(1.0)))->toEqualWithDelta(60 * log(2), 1e-9)
        ->and((new Counting(3600, 'ring'))->reaches(new Level(600.0)))->toBe(3000.0)
        ->and((new Counting(3600, 'ring'))->left(new Level(3600.0))->own)->toBe(0.0);
});

it('warms and cools two bodies as their differential equations do (stepped by Runge and Kutta, ten thousandths of a lag)', function (
    float $heat,
    float $own,
    float $around,
): void {
    [$inner, $outer, $share] = [50.0, 900.0, 1.5];
    $body = new TwoBodies($heat, $inner, $outer, $share, 1.0, true, 'open');
    $slope = fn (array $x): array => [($heat - ($x[0] - $x[1])) / $inner, (($x[0] - $x[1]) * $share - $x[1]) / $outer];
    $x = [$own, $around];
    $h = 0.05;
    $moved = fn (array $from, array $by, float $t): array => [$from[0] + $by[0] * $t, $from[1] + $by[1] * $t];
    for ($n = 0; $n < 6000; $n++) {
        $a = $slope($x);
        $b = $slope($moved($x, $a, $h / 2));
        $c = $slope($moved($x, $b, $h / 2));
        $d = $slope($moved($x, $c, $h));
        $x = [
            $x[0] + $h * ($a[0] + 2 * $b[0] + 2 * $c[0] + $d[0]) / 6,
            $x[1] + $h * ($a[1] + 2 * $b[1] + 2 * $c[1] + $d[1]) / 6,
        ];
    }
    $after = $body->after(new Level($own, $around), 300.0);
    expect($after->own)->toEqualWithDelta($x[0], 1e-7)->and($after->around)->toEqualWithDelta($x[1], 1e-7);
})->with([[0.3, 0.0, 0.0], [2.0, 0.2, 0.1], [0.0, 1.0, 0.6], [0.5, 0.1, 0.7]]);

it('acts when its inner body is at the threshold, on the way up, on the way down, or at the turn in between', function (): void {
    $rising = fn (float $heat): TwoBodies => new TwoBodies($heat, 50.0, 900.0, 1.5, 1.0, true, 'open');
    $falling = new TwoBodies(0.0, 50.0, 900.0, 1.5, 0.35, false, 'closed');
    $cases = [[$rising(5.0), new Level, 1.0], [$rising(0.45), new Level, 1.0], [$falling, new Level(1.0, 0.6), 0.35]];
    foreach ($cases as [$body, $from, $at]) {
        $seconds = $body->reaches($from);
        expect($body->after($from, $seconds)->own)->toEqualWithDelta($at, 1e-9);
    }
    // hot all through, it passes one on its way and ends below it
    $hot = new Level(0.9, 0.85);
    $seconds = $rising(0.25)->reaches($hot);
    expect($seconds)->toBeLessThan(100.0)->and($rising(0.25)->after($hot, $seconds)->own)->toEqualWithDelta(1.0, 1e-9)
        ->and($rising(0.25)->after($hot, 1e6)->own)->toEqualWithDelta(0.625, 1e-9)
        ->and($rising(0.3)->reaches(new Level))->toBe(INF)
        ->and($falling->reaches(new Level(0.3, 0.2)))->toBe(0.0);
});

<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Switches, sensors, valves and controllers: each on a test board.

/** A part in series with a lamp on 24 V. */
function series(
    string $part,
    string $from,
    string $to,
    array $more = [],
    array $wires = [],
    array $conditions = [],
    array $quantities = [],
): Unit {
    return Rig::of('supply-single-phase, volts: 26, source_ohms: 0.01', [
        'X' => $part,
        'LAMP' => 'heater, volts: 24, watts: 20',
        ...$more,
    ], [
        ['SUP.L', "X.$from"], ["X.$to", 'LAMP.1'], ...$wires, ['LAMP.2', 'SUP.N'],
    ], $conditions, $quantities);
}

function glows(Unit $unit, array $conditions, string ...$faults): bool
{
    return $unit->settle($unit->conditions($conditions), array_values($faults))->currentOf('LAMP') > 0.4;
}

it('opens on rise at one level and closes again at a lower one', function (): void {
    $unit = series('limit, senses: heat, opens_at: 80, closes_at: 60', '1', '2', quantities: ['heat' => 20.0]);
    expect(glows($unit, ['heat' => 79]))->toBeTrue()->and(glows($unit, ['heat' => 81]))->toBeFalse();
    $run = $unit->run(
        "until: 40 s\nevents: [{ at: 10 s, set: { heat: 90 } }, { at: 20 s, set: { heat: 70 } }, { at: 30 s, set: { heat: 55 } }]\n",
    );
    expect($run->when('X', 'open'))->toEqualWithDelta(10, 0.01)->and($run->when('X', 'closed', 11))->toEqualWithDelta(30, 0.01);
});

it('opens on fall when it closes above where it opens', function (): void {
    $unit = series('pressure-switch, senses: pressure, opens_at: 200, closes_at: 400', '1', '2', quantities: ['pressure' => 800.0]);
    expect(glows($unit, []))->toBeTrue()->and(glows($unit, ['pressure' => 150]))->toBeFalse()
        ->and(glows($unit, ['pressure' => 300]))->toBeFalse();
});

it('stays open until someone resets it, and a link for good', function (string $reset, ?float $closed): void {
    $unit = series("rollout-switch, senses: heat, opens_at: 80, closes_at: 60, reset: $reset", '1', '2', quantities: ['heat' => 20.0]);
    $run = $unit->run(
        "until: 60 s\nevents: [{ at: 10 s, set: { heat: 90 } }, { at: 20 s, set: { heat: 20 } }, { at: 40 s, reset: [X] }]\n",
    );
    expect($run->when('X', 'closed', 11))->toBe($closed);
})->with(['automatic' => ['automatic', 20.0], 'by hand' => ['manual', 40.0], 'one shot' => ['one-shot', null]]);

it('trips at another level when its set point has drifted, and not at all when stuck', function (): void {
    $unit = series('temperature-switch, senses: heat, opens_at: 80, closes_at: 60', '1', '2', quantities: ['heat' => 20.0]);
    expect(glows($unit, ['heat' => 70], 'X:drifted=0.8'))->toBeFalse()->and(glows($unit, ['heat' => 70]))->toBeTrue()
        ->and(glows($unit, ['heat' => 95], 'X:stuck-closed'))->toBeTrue();
});

it('opens switches of a condition', function (string $kind): void {
    $unit = series("$kind, opened_by: trouble", '1', '2', conditions: ['trouble' => false]);
    expect(glows($unit, []))->toBeTrue()->and(glows($unit, ['trouble' => true]))->toBeFalse()
        ->and(glows($unit, [], 'X:open'))->toBeFalse()->and(glows($unit, [], 'X:tripped'))->toBeFalse();
})->with(['float-switch', 'door-switch', 'smoke-switch', 'pressure-switch', 'limit']);

it('moves a valve with its coil fed, and not with its coil open or itself stuck', function (
    string $kind,
    string $moved,
    string $rest,
): void {
    $unit = Rig::of(
        'supply-single-phase, volts: 26, source_ohms: 0.01',
        ['SW' => 'switch-1p, closed_by: call', 'V' => "$kind, coil_ohms: 20, va: 9"],
        [['SUP.L', 'SW.L1'], ['SW.T1', 'V.1'], ['V.2', 'SUP.N']],
        ['call' => true],
    );
    expect($unit->with()->observed('V'))->toBe($moved)
        ->and($unit->settle($unit->conditions(['call' => false]))->observed('V'))->toBe($rest)
        ->and($unit->with('V:coil-open')->observed('V'))->toBe($rest)
        ->and($unit->with('V:stuck-rest')->observed('V'))->toBe($rest)
        ->and($unit->settle($unit->conditions(['call' => false]), ['V:stuck-moved'])->observed('V'))->toBe($moved)
        ->and($unit->with()->currentOf('V'))->toEqualWithDelta(9 / 24 * 26 / 24, 0.01);
})->with([
    ['solenoid', 'open', 'closed'],
    ['reversing-valve', 'shifted', 'at rest'],
    ['gas-valve', 'open', 'closed'],
    ['unloader', 'unloaded', 'loaded'],
]);

it('passes the fan on above its set point, off below its differential, and never in the cold', function (): void {
    $unit = series(
        'fan-controller, senses: head, set_point: 1700, differential: 300, ambient: outdoor, lock_in: -10',
        'L',
        'F',
        wires: [['SUP.L', 'X.A'], ['X.B', 'SUP.N']],
        quantities: ['head' => 1000.0, 'outdoor' => 10.0],
    );
    expect(glows($unit, ['head' => 1750]))->toBeTrue()->and(glows($unit, ['head' => 1600]))->toBeFalse()
        ->and(glows($unit, ['head' => 1750, 'outdoor' => -15]))->toBeFalse()
        ->and(glows($unit, ['head' => 1000], 'X:output-shorted'))->toBeTrue()
        ->and(glows($unit, ['head' => 1750], 'X:sensor-low'))->toBeFalse();
    $run = $unit->run(
        "until: 40 s\nevents: [{ at: 10 s, set: { head: 1800 } }, { at: 20 s, set: { head: 1500 } }, { at: 30 s, set: { head: 1350 } }]\n",
    );
    expect($run->when('X', 'lit'))->toEqualWithDelta(10, 0.01)->and($run->when('X', 'dark', 11))->toEqualWithDelta(30, 0.01);
});

it('opens an economizer in its time, closes its end switch at the end, and springs shut', function (): void {
    $unit = Rig::of('supply-single-phase, volts: 26, source_ohms: 0.01', [
        'SW' => 'switch-1p, closed_by: call',
        'E' => 'economizer, stroke: 60',
        'LAMP' => 'heater, volts: 24, watts: 20',
    ], [
        ['SUP.L', 'E.R'], ['E.C', 'SUP.N'], ['SUP.L', 'SW.L1'], ['SW.T1', 'E.Y'], ['SUP.L', 'E.1'], ['E.2', 'LAMP.1'], ['LAMP.2', 'SUP.N'],
    ], ['call' => true]);
    $run = $unit->run("until: 2 min\nevents: [{ at: 90 s, set: { call: off } }]\n");
    expect(
        $run->when('E', 'open'),
    )->toEqualWithDelta(60, 0.01)->and($run->when('LAMP', 'hot') ?? $run->when('E', 'open'))->toEqualWithDelta(60, 0.01)
        ->and($run->when('E', 'shut', 61))->toEqualWithDelta(90, 0.01)
        ->and($unit->with()->currentOf('LAMP'))->toBeGreaterThan(0.5)
        ->and($unit->with('E:stuck-shut')->currentOf('LAMP'))->toBeLessThan(0.01)
        ->and($unit->with('E:end-open')->currentOf('LAMP'))->toBeLessThan(0.01);
});

it('glows after its warm-up and never when cracked', function (): void {
    $unit = Rig::of(
        'supply-single-phase, volts: 120, source_ohms: 0.01',
        ['I' => 'igniter-hot-surface, amps: 4, warm_up: 17, cold_ohms: 60'],
        [['SUP.L', 'I.1'], ['I.2', 'SUP.N']],
    );
    $run = $unit->run('until: 30 s');
    expect($run->when('I', 'glows'))->toEqualWithDelta(17, 0.01)
        ->and($run->happenings[0]->amps['I'])->toEqualWithDelta(2, 0.02)->and($unit->with()->currentOf('I'))->toEqualWithDelta(4, 0.03)
        ->and($unit->with('I:cracked')->observed('I'))->toBe('dark');
});

it('sparks while it is fed, and its electrode can be the trouble', function (): void {
    $unit = Rig::of(
        'supply-single-phase, volts: 25, source_ohms: 0.01',
        ['S' => 'igniter-spark, va: 6'],
        [['SUP.L', 'S.1'], ['S.2', 'SUP.N']],
    );
    expect($unit->with()->observed('S'))->toBe('sparks')->and($unit->with('S:dead')->observed('S'))->toBe('no spark')
        ->and($unit->with('S:electrode')->observed('S'))->toBe('no spark')
        ->and($unit->with('S:electrode')->currentOf('S'))->toBeGreaterThan(0.2);
});

it('makes each call of a thermostat on its own terminal', function (): void {
    $calls = ['y1' => 'Y1', 'y2' => 'Y2', 'g' => 'G', 'w1' => 'W1', 'w2' => 'W2', 'o' => 'O', 'b' => 'B', 'e' => 'E'];
    $plate = implode(', ', array_map(fn (string $n): string => "{$n}_called_by: call_$n", array_keys($calls)));
    $lamps = array_combine(
        array_map(fn (string $t): string => "L$t", $calls),
        array_fill(0, count($calls), 'heater, volts: 24, watts: 20'),
    );
    $wires = [['SUP.L', 'T.R']];
    foreach ($calls as $terminal) {
        array_push($wires, ["T.$terminal", "L$terminal.1"], ["L$terminal.2", 'SUP.N']);
    }
    $unit = Rig::of(
        'supply-single-phase, volts: 24, source_ohms: 0.01',
        ['T' => "thermostat, $plate", ...$lamps],
        $wires,
        array_fill_keys(array_map(fn (string $n): string => "call_$n", array_keys($calls)), false),
    );
    foreach ($calls as $name => $terminal) {
        $settled = $unit->settle($unit->conditions(["call_$name" => true]));
        foreach ($calls as $other) {
            expect($settled->currentOf("L$other") > 0.5)->toBe($other === $terminal, "a call for $terminal at $other");
        }
        expect($unit->settle($unit->conditions(["call_$name" => true]), ["T:$name-open"])->currentOf("L$terminal"))->toBeLessThan(0.01)
            ->and($unit->settle($unit->conditions(), ["T:$name-stuck"])->currentOf("L$terminal"))->toBeGreaterThan(0.5);
    }
});

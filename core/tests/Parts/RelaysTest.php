<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Relays, contactors and what waits: each on a test board.

const COIL = 'coil_volts: 24, coil_ohms: 15, sealed_va: 6, inrush_va: 14';

/** A coil on a switch, and a lamp through a contact. */
function relayRig(string $relay, string $from, string $to, string $coilA = 'A', string $coilB = 'B', float $volts = 26): Unit
{
    return Rig::of("supply-single-phase, volts: $volts, source_ohms: 0.01", [
        'SW' => 'switch-1p, closed_by: call', 'K' => $relay, 'LAMP' => 'heater, volts: 24, watts: 20',
    ], [
        ['SUP.L', 'SW.L1'],
        ['SW.T1', "K.$coilA"],
        ["K.$coilB", 'SUP.N'],
        ['SUP.L', "K.$from"],
        ["K.$to", 'LAMP.1'],
        ['LAMP.2', 'SUP.N'],
    ], ['call' => true]);
}

function lit(Unit $unit, bool $call, string ...$faults): bool
{
    return $unit->settle($unit->conditions(['call' => $call]), array_values($faults))->currentOf('LAMP') > 0.4;
}

it('closes what is open at rest and opens what is closed', function (string $kind, string $from, string $open, string $closed): void {
    $unit = relayRig("$kind, ".COIL, $from, $open);
    expect(lit($unit, true))->toBeTrue()->and(lit($unit, false))->toBeFalse();
    $unit = relayRig("$kind, ".COIL, $from, $closed);
    expect(lit($unit, true))->toBeFalse()->and(lit($unit, false))->toBeTrue();
})->with([['relay-spdt', 'C', 'NO', 'NC'], ['relay-dpdt', 'C1', 'NO1', 'NC1']]);

it('does with each of its failures what a technician finds', function (string $fault, bool $called, bool $idle): void {
    $unit = relayRig('relay-spdt, '.COIL, 'C', 'NO');
    expect(lit($unit, true, "K:$fault"))->toBe($called)->and(lit($unit, false, "K:$fault"))->toBe($idle);
})->with([
    'coil open' => ['coil-open', false, false], 'does not pull in' => ['stuck-open', false, false],
    'contact burnt' => ['no-burnt', false, false], 'welded' => ['no-welded', true, true], 'stuck in' => ['welded', true, true],
]);

it('pulls in by 85 % of its volts and has let go by 20 % (IEC 60947-4-1, from memory)', function (): void {
    $at = fn (float $volts): string => relayRig('relay-spdt, '.COIL, 'C', 'NO', volts: $volts)->with()->observed('K');
    expect($at(0.85 * 24 + 0.3))->toBe('pulled in')->and($at(0.6 * 24))->toBe('buzzes')->and($at(0.3 * 24))->toBe('dropped out');
    // once in, it stays until well below that
    $unit = relayRig('relay-spdt, '.COIL, 'C', 'NO');
    $sagging = $unit->run("until: 4 s\nevents: [{ at: 1 s, fault: ['w1:loose=18'] }]\n");
    $sagged = $unit->run("until: 4 s\nevents: [{ at: 1 s, fault: ['w1:loose=400'] }]\n");
    expect($sagging->end->observed('K'))->toBe('pulled in')->and($sagged->end->observed('K'))->toBe('dropped out');
});

it('waits before it moves and before it goes back', function (): void {
    $unit = relayRig('relay-time-delay, '.COIL.', on_delay: 8, off_delay: 30', 'C', 'NO');
    $run = $unit->run("until: 2 min\nstart: { call: off }\nevents: [{ at: 10 s, set: { call: on } }, { at: 60 s, set: { call: off } }]\n");
    expect($run->when('K', 'pulled in'))->toEqualWithDelta(18, 0.01)
        ->and($run->when('K', 'dropped out', 61))->toEqualWithDelta(90, 0.01);
    // a call that goes away too soon never gets through, one that comes back in time is not noticed
    $short = $unit->run(
        "until: 1 min\nstart: { call: off }\nevents: [{ at: 10 s, set: { call: on } }, { at: 17 s, set: { call: off } }]\n",
    );
    $blink = $unit->run("until: 2 min\nevents: [{ at: 40 s, set: { call: off } }, { at: 60 s, set: { call: on } }]\n");
    expect($short->when('K', 'pulled in'))->toBeNull()->and($blink->when('K', 'dropped out', 1))->toBeNull();
});

it('steps a sequencer on one after the other and off the other way round', function (): void {
    $unit = Rig::of('supply-single-phase, volts: 26, source_ohms: 0.01', [
        'SW' => 'switch-1p, closed_by: call',
        'Q' => 'sequencer, on_delay: 20, on_step: 15, off_delay: 30, off_step: 10',
        'A' => 'heater, volts: 24, watts: 20',
        'B' => 'heater, volts: 24, watts: 20',
    ], [
        ['SUP.L', 'SW.L1'],
        ['SW.T1', 'Q.H1'],
        ['Q.H2', 'SUP.N'],
        ['SUP.L', 'Q.M1'],
        ['Q.M2', 'A.1'],
        ['SUP.L', 'Q.M3'],
        ['Q.M4', 'B.1'],
        ['A.2', 'SUP.N'],
        ['B.2', 'SUP.N'],
    ], ['call' => true]);
    $run = $unit->run("until: 3 min\nevents: [{ at: 60 s, set: { call: off } }]\n");
    expect($run->when('Q', 'one closed'))->toEqualWithDelta(20, 0.01)->and($run->when('Q', 'both closed'))->toEqualWithDelta(35, 0.01)
        ->and($run->when('Q', 'one closed', 60))->toEqualWithDelta(90, 0.01)->and($run->when('Q', 'open', 60))->toEqualWithDelta(100, 0.01)
        ->and($unit->with('Q:heater-open')->observed('Q'))->toBe('open')
        ->and($unit->with('Q:second-burnt')->currentOf('B'))->toBeLessThan(0.01)
        ->and($unit->with('Q:second-burnt')->currentOf('A'))->toBeGreaterThan(0.5);
});

it('starts a motor through a potential relay, which lifts as it comes up, and one welded leaves its capacitor in', function (): void {
    $unit = Unit::shipped('freezer-pump-down');
    $start = $unit->with()->wireCurrent('w28')->abs();
    $welded = $unit->with('PR:start-welded')->wireCurrent('w28')->abs();
    expect($unit->with()->observed('PR'))->toBe('pulled in')->and($start)->toBeLessThan(0.05)->and($welded)->toBeGreaterThan(3);
});

it('lifts a current relay on the inrush and drops it as the motor comes up', function (): void {
    $motor = 'volts: 120, fla: 6, lra: 34, run_ohms: 0.9, start_ohms: 4, capacitor_uf: 150';
    $unit = Rig::of('supply-single-phase, volts: 120, source_ohms: 0.02', [
        'R' => 'relay-current, coil_ohms: 0.05, pick_up: 16, drop_out: 12',
        'C' => 'capacitor-start, start_uf: 150',
        'M' => "motor-capacitor-start, $motor",
    ], [['SUP.L', 'R.L'], ['R.M', 'M.R'], ['R.S', 'C.1'], ['C.2', 'M.S'], ['M.C', 'SUP.N']]);
    expect($unit->with()->observed('M'))->toBe('runs')
        ->and($unit->with()->states['R'])->toBe('down')
        ->and($unit->with('R:contact-burnt')->observed('M'))->toBe('hums')
        ->and($unit->with('M:seized')->states['R'])->toBe('up');
});

it('opens on a lost, low, unbalanced or swapped phase, and closes again after its delay', function (
    string $plate,
    string $fault,
    string $shown,
): void {
    $unit = Rig::of("supply-wye, volts: 480$plate", [
        'M' => 'phase-monitor, volts: 480, restart_delay: 5',
        'H' => 'heater, volts: 480, watts: 100',
    ], [
        ['SUP.L1', 'M.L1'], ['SUP.L2', 'M.L2'], ['SUP.L3', 'M.L3'], ['SUP.L1', 'M.C'], ['M.NO', 'H.1'], ['H.2', 'SUP.L2'],
    ]);
    $circuit = $fault === 'swapped' ? Unit::of($unit->model()->circuit->swapping('w1', 'w2')) : $unit;
    expect($circuit->with(...($fault === '' || $fault === 'swapped' ? [] : [$fault]))->observed('M'))->toBe($shown);
})->with([
    'good' => ['', '', 'shows good'], 'lost' => ['', 'SUP:l3-lost', 'shows a fault'], 'low' => [
        ', l1_percent: 70, l2_percent: 70, l3_percent: 70',
        '',
        'shows a fault',
    ],
    'unbalanced' => [', l2_percent: 88', '', 'shows a fault'], 'swapped' => ['', 'swapped', 'shows a fault'],
]);

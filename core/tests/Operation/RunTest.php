<?php

declare(strict_types=1);

use Levin\Core\File\InvalidCircuit;
use Levin\Core\Interchange\ScriptReader;
use Levin\Core\Tests\Support\Unit;

// Whole units through time. The times of a sequence are those the shipped file declares; that they come out so is the test.

it('lights the furnace in order: purge, igniter, gas, flame, blower; and puts it out in order', function (): void {
    $run = Unit::shipped('gas-furnace')->run(
        <<<'YAML'
            until: 20 min
            start: { call_heat: off }
            events:
              - { at: 10 s, set: { call_heat: on } }
              - { at: 10 min, set: { call_heat: off } }
            YAML,
    );
    $at = fn (string $part, string $seen, float $after = 0): float => $run->when($part, $seen, $after) ?? INF;
    expect($at('IND', 'starts'))->toEqualWithDelta(10, 0.1)
        ->and($at('HSI', 'glows'))->toEqualWithDelta(10 + 1.5 + 15 + 12, 0.5)
        ->and($at('GV', 'open'))->toEqualWithDelta(10 + 1.5 + 15 + 20, 0.5)
        ->and($at('FS', 'flame'))->toBe($at('GV', 'open'))
        ->and($at('IBM', 'starts'))->toEqualWithDelta($at('GV', 'open') + 31, 0.5)
        // and takes its time to come up
        ->and($at('IBM', 'runs') - $at('IBM', 'starts'))->toBeGreaterThan(1)->toBeLessThan(15)
        ->and($at('GV', 'closed', 500))->toEqualWithDelta(600, 0.1)
        ->and($at('IND', 'silent', 600))->toEqualWithDelta(615, 0.5)
        ->and($at('IBM', 'silent', 600))->toEqualWithDelta(705, 0.5)
        ->and($run->end->observed('LIM'))->toBe('');
});

it('tries three times to light, with a purge between, and locks out with its code; the call taken away clears it', function (): void {
    $run = Unit::shipped('gas-furnace')->run(
        "until: 12 min\nevents: [{ at: 10 min, set: { call_heat: off } }, { at: 11 min, set: { gas_on: on, call_heat: on } }]\n",
        [],
        ['gas_on=off'],
    );
    $opened = array_filter($run->happenings, fn ($h): bool => ($h->moved['GV']['to'] ?? '') === 'open' && $h->at < 600);
    expect($opened)->toHaveCount(3)
        ->and($run->when('IFC', 'lockout, 6 flashes'))->toBeLessThan(400)
        ->and($run->when('IFC', 'standby, steady', 599))->toEqualWithDelta(600, 0.1)
        ->and($run->when('FS', 'flame', 660))->toBeLessThan(720);
});

it('loses its flame signal on a coated rod and goes out though it burns', function (): void {
    $run = Unit::shipped('gas-furnace')->run('until: 8 min', ['FS:dirty']);
    expect($run->when('FS', 'flame'))->not->toBeNull()
        ->and($run->when('IFC', 'lockout, 6 flashes'))->not->toBeNull()
        ->and($run->when('IBM', 'runs'))->toBeNull();
});

it('shuts the gas on its limit when the filter is clogged, runs the blower, and lights again', function (): void {
    $run = Unit::shipped('gas-furnace')->run('until: 40 min', [], ['filter_clogged=on']);
    $opened = $run->when('LIM', 'open') ?? INF;
    expect($opened)->toBeGreaterThan(70)->toBeLessThan(900)
        ->and($run->when('GV', 'closed', $opened))->toEqualWithDelta($opened, 0.5)
        ->and($run->when('LIM', 'closed', $opened))->not->toBeNull()
        ->and($run->when('GV', 'open', $opened + 1))->not->toBeNull()
        ->and($run->period)->not->toBeNull();
});

it('waits five minutes before it lets a heat pump start, and again after a short loss of the call', function (): void {
    $run = Unit::shipped('heat-pump')->run(
        "until: 20 min\nevents: [{ at: 10 min, set: { call_compressor: off } }, { at: 10.2 min, set: { call_compressor: on } }]\n",
    );
    expect($run->when('COMP', 'runs'))->toEqualWithDelta(300, 0.5)
        ->and($run->when('COMP', 'silent'))->toEqualWithDelta(600, 0.5)
        ->and($run->when('COMP', 'runs', 601))->toEqualWithDelta(900, 0.5);
});

it('defrosts after its time with the coil cold: fan off, valve over, auxiliary heat on, until the coil is warm', function (): void {
    $run = Unit::shipped('heat-pump')->run('until: 3 h', [], ['outdoor_cold=on']);
    $cold = $run->when('DFT', 'closed') ?? INF;
    $defrost = $run->when('DB', 'defrost, 2 flashes') ?? INF;
    expect($cold)->toBeLessThan(3600)
        ->and($defrost)->toEqualWithDelta(max($cold, 300) + 5400, 1)
        ->and($run->when('OFM', 'silent', $defrost))->toBe($defrost)
        ->and($run->when('RV', 'shifted'))->toBe($defrost)
        ->and($run->when('HE1', 'hot'))->toBe($defrost)
        ->and($run->when('DB', 'run, steady', $defrost))->toBeLessThan($defrost + 840)
        ->and($run->when('OFM', 'starts', $defrost))->toBe($run->when('DFT', 'open', $defrost));
});

it('ends a defrost by time when the coil thermostat never opens, and never defrosts when it never closes', function (): void {
    $unit = Unit::shipped('heat-pump');
    $stuck = $unit->run('until: 3 h', ['DFT:stuck-closed'], ['outdoor_cold=on']);
    $start = $stuck->when('DB', 'defrost, 2 flashes') ?? INF;
    expect($stuck->when('DB', 'run, steady', $start))->toEqualWithDelta($start + 840, 1)
        ->and($unit->run('until: 3 h', ['DFT:open'], ['outdoor_cold=on'])->when('DB', 'defrost, 2 flashes'))->toBeNull();
});

it('pumps down when the box is cold, starts on pressure, defrosts, drips and delays its fans', function (): void {
    $run = Unit::shipped('freezer-pump-down')->run('until: 8 h');
    $cold = $run->when('BT', 'open') ?? INF;
    $defrost = $run->when('DT', 'defrosting') ?? INF;
    $end = $run->when('DT', 'dripping', $defrost) ?? INF;
    expect($run->when('DT', 'refrigerating', $defrost))->toEqualWithDelta($end + 180, 0.5)
        ->and($run->when('LLS', 'open', $defrost))->toBeGreaterThanOrEqual($end + 180)
        ->and($run->when('LLS', 'closed'))->toBe($cold)
        ->and($run->when('LPC', 'open'))->toBeGreaterThan($cold + 10)->toBeLessThan($cold + 300)
        ->and($run->when('COMP', 'silent'))->toBe($run->when('LPC', 'open'))
        ->and($defrost)->toEqualWithDelta(6 * 3600, 1)
        ->and($run->when('DH1', 'hot'))->toBe($defrost)
        ->and($run->when('EF1', 'silent'))->toBe($defrost)
        ->and($end)->toBeLessThan($defrost + 40 * 60)
        ->and($run->when('DTX', 'closed'))->toBe($end)
        ->and($run->when('EF1', 'runs', $end))->toBeGreaterThan($end + 60);
});

it('leaves the heaters on their full time, and to their limit, when the termination switch never closes', function (): void {
    $run = Unit::shipped('freezer-pump-down')->run('until: 7 h', ['DTX:open']);
    $defrost = $run->when('DT', 'defrosting') ?? INF;
    expect($run->when('DT', 'dripping', $defrost))->toEqualWithDelta($defrost + 2400, 1)
        ->and($run->when('HL', 'open', $defrost))->toBeGreaterThan($defrost)->toBeLessThan($defrost + 2400)
        ->and($run->when('DH1', 'cold', $defrost))->toBe($run->when('HL', 'open', $defrost));
});

it('cycles the fan on either of two switches in the cold', function (): void {
    $unit = Unit::shipped('two-circuit-fan-cycling');
    $run = $unit->run('until: 30 min', [], ['outdoor_cold=on', 'head_pressure_1=600', 'head_pressure_2=600']);
    $starts = array_filter($run->happenings, fn ($h): bool => ($h->moved['OFM']['to'] ?? '') === 'runs');
    expect(count($starts))->toBeGreaterThan(2)->and($run->period)->not->toBeNull();
    $one = $unit->run('until: 30 min', ['FP1:open'], ['outdoor_cold=on']);
    expect(count(array_filter($one->happenings, fn ($h): bool => ($h->moved['OFM']['to'] ?? '') === 'runs')))->toBeGreaterThan(1);
});

it('cycles its elements on their limits without air, and a running blower keeps them on', function (): void {
    $unit = Unit::shipped('air-handler-electric');
    $without = $unit->run('until: 20 min', ['IBM:module-dead']);
    expect($without->when('LIM1', 'open'))->toBeLessThan(120)->and($without->period)->not->toBeNull()
        ->and($unit->run('until: 20 min')->when('LIM1', 'open'))->toBeNull()
        ->and($unit->run('until: 20 min', [], ['filter_clogged=on'])->when('LIM1', 'open'))->not->toBeNull();
});

it('goes on and off on high pressure when the outdoor fan has seized, with the currents of each load', function (): void {
    $run = Unit::cooling()->run('until: 20 min', ['OFM:seized']);
    $tripped = $run->when('HP', 'open') ?? INF;
    $moment = array_values(array_filter($run->happenings, fn ($h): bool => $h->at === $tripped))[0];
    expect($tripped)->toBeGreaterThan(20)->toBeLessThan(300)
        ->and($run->happenings[0]->amps['COMP'])->toEqualWithDelta(73, 2)
        ->and($run->happenings[1]->amps['COMP'])->toEqualWithDelta(14.3, 0.4)
        ->and($moment->amps['COMP'])->toBeLessThan(1)
        ->and($run->period)->toBeGreaterThan(60);
});

it('melts a control fuse in its time on an overload and leaves it blown', function (): void {
    $unit = Unit::cooling();
    $run = $unit->run(
        "until: 2 min\nevents: [{ at: 60 s, mend: ['CC:coil-shorted=2.6'] }, { at: 80 s, reset: [FU3] }]\n",
        ['CC:coil-shorted=2.6'],
    );
    $blown = $run->when('FU3', 'blown') ?? INF;
    expect($blown)->toBeGreaterThan(0.05)->toBeLessThan(30)
        ->and($run->when('FU3', 'whole', 79))->toEqualWithDelta(80, 0.1)
        ->and($run->end->observed('COMP'))->toBe('runs');
});

it('has an intermittent come and go with vibration, and by chance the same way for the same seed', function (): void {
    $unit = Unit::cooling();
    $vibration = $unit->run("until: 30 s\nintermittent: [{ fault: 'w24:open', when: [COMP runs] }]\n");
    expect(count(array_filter($vibration->happenings, fn ($h): bool => isset($h->moved['CC']))))->toBeGreaterThan(0);
    $script = fn (int $seed): string => "until: 10 min\nintermittent: [{ fault: 'w24:open', chance: 0.4, every: 20 s, seed: $seed }]\n";
    $times = fn (int $seed): array => array_map(
        fn ($h): float => $h->at,
        array_filter($unit->run($script($seed))->happenings, fn ($h): bool => isset($h->moved['CC'])),
    );
    expect($times(7))->toBe($times(7))->not->toBe($times(8))->and(count($times(7)))->toBeGreaterThan(3);
});

it('says of a script what is wrong, where, and what to do', function (string $script, string $message): void {
    ScriptReader::fromText($script, 'script.yaml');
})->throws(InvalidCircuit::class)->with([
    ["until: soon\n", ''], ["events: []\n", ''], ["until: 10 s\nevents: [{ at: 1 s, brake: [CC] }]\n", ''], [
        "until: 10 s\nintermittent: [{ fault: 'w24:open', when: ['COMP'] }]\n",
        '',
    ],
]);

it('comes to the end of twenty minutes with any part failed, in finite numbers and with time going one way', function (
    string $id,
    int $every = 5,
    int $first = 0,
): void {
    $unit = Unit::shipped($id);
    foreach (array_keys($unit->model()->faults->all) as $n => $fault) {
        if ($n % $every !== $first) {
            continue;
        }
        $run = $unit->run('until: 20 min', [$fault]);
        $before = 0.0;
        foreach ($run->happenings as $happening) {
            expect($happening->at)->toBeGreaterThanOrEqual($before, $fault)->toBeLessThanOrEqual(1200.0);
            foreach ([...$happening->amps, ...$happening->quantities] as $value) {
                expect(is_finite($value))->toBeTrue($fault);
            }
            $before = $happening->at;
        }
        expect($run->finished)->toBeTrue($fault)->and(min($run->happenings[0]->amps))->toBeGreaterThanOrEqual(0);
    }
})->with([
    ...array_map(fn (string $id): array => [$id], array_diff(Unit::everyShipped(), ['rooftop-460', 'rooftop-460-lockout'])),
    // twins but for their board: half of them each
    ['rooftop-460', 10, 0],
    ['rooftop-460-lockout', 10, 5],
]);

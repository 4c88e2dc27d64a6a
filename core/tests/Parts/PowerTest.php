<?php

declare(strict_types=1);

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Supplies, switches, fuses, transformers, plugs and heaters: each on a test board.

it('feeds what its plate says, leg by leg, and what is left with a leg lost', function (string $supply, array $healthy, array $lost): void {
    $unit = Rig::of($supply, ['H' => 'heater, volts: 240, watts: 10'], [['SUP.L1', 'H.1'], ['H.2', 'SUP.L2']]);
    foreach ([[[], $healthy], [['SUP:l1-lost'], $lost]] as [$faults, $expected]) {
        $settled = $unit->with(...$faults);
        foreach ($expected as $pair => $volts) {
            [$a, $b] = explode('-', $pair);
            expect($settled->between("SUP.$a", "SUP.$b")->abs())->toEqualWithDelta($volts, 0.6, "$supply $pair");
        }
    }
})->with([
    // with the leg lost the other end of the heater brings L2's voltage to it
    'split phase' => [
        'supply-split-phase, volts: 240, source_ohms: 0.01',
        ['L1-L2' => 240, 'L1-N' => 120, 'L2-N' => 120],
        ['L1-L2' => 0, 'L1-N' => 120, 'L2-N' => 120],
    ],
    'wye' => [
        'supply-wye, volts: 208, source_ohms: 0.01',
        ['L1-L2' => 208, 'L3-N' => 120.1],
        ['L1-L2' => 0, 'L2-L3' => 208, 'L3-N' => 120.1],
    ],
    'low leg' => ['supply-split-phase, volts: 240, source_ohms: 0.01, l1_percent: 90', ['L1-N' => 108, 'L2-N' => 120, 'L1-L2' => 228], []],
    'open delta still feeds three phases' => [
        'supply-delta, volts: 240, source_ohms: 0.01',
        ['L1-L2' => 240, 'L2-L3' => 240, 'L1-L3' => 240],
        ['L1-L2' => 240, 'L2-L3' => 240, 'L1-L3' => 240],
    ],
    'corner grounded' => [
        'supply-delta, volts: 240, source_ohms: 0.01, grounded: corner',
        ['L1-L2' => 240, 'L2-G' => 0, 'L1-G' => 240, 'L3-G' => 240],
        [],
    ],
]);

it('lets an ungrounded delta float until something grounds it, and then shows line voltage on the others', function (): void {
    $unit = Rig::of(
        'supply-delta, volts: 240, source_ohms: 0.01, grounded: none',
        ['H' => 'heater, volts: 240, watts: 1000'],
        [['SUP.L1', 'H.1'], ['H.2', 'SUP.L2']],
    );
    expect($unit->with('H:grounded')->at('SUP.L1')->abs())->toBeLessThan(0.5)
        ->and($unit->with('H:grounded')->at('SUP.L2')->abs())->toEqualWithDelta(240, 0.5)
        // one ground on an ungrounded system draws next to nothing and blows no fuse
        ->and($unit->with('H:grounded')->currentOf('H'))->toEqualWithDelta(1000 / 240, 0.05);
});

it('sags under load by its impedance: 100 A through 0.05 Ω in each leg', function (): void {
    $unit = Rig::of(
        'supply-split-phase, volts: 240, source_ohms: 0.05',
        ['H' => 'heater, volts: 230, watts: 23000'],
        [['SUP.L1', 'H.1'], ['H.2', 'SUP.L2']],
    );
    expect($unit->with()->between('SUP.L1', 'SUP.L2')->abs())->toEqualWithDelta(240 * 2.3 / 2.4, 0.1);
});

it('opens pole by pole when a blade fails, and all of it by the handle', function (string $kind, int $poles): void {
    $parts = ['D' => "$kind, closed_by: handle".(str_starts_with($kind, 'breaker') ? ', amps: 30' : '')];
    $wires = [];
    for ($n = 1; $n <= $poles; $n++) {
        $parts["H$n"] = 'heater, volts: 277, watts: 100';
        array_push($wires, ["SUP.L$n", "D.L$n"], ["D.T$n", "H$n.1"]);
    }
    for ($n = 1; $n <= $poles; $n++) {
        $wires[] = ["H$n.2", 'SUP.N'];
    }
    $unit = Rig::of('supply-wye, volts: 480, source_ohms: 0.01', $parts, $wires, ['handle' => true]);
    for ($n = 1; $n <= $poles; $n++) {
        $settled = $unit->with("D:pole$n-open");
        for ($m = 1; $m <= $poles; $m++) {
            expect($settled->currentOf("H$m") > 0.3)->toBe($m !== $n);
        }
    }
    expect($unit->settle($unit->conditions(['handle' => false]))->currentOf('H1'))->toBeLessThan(0.001);
})->with([['switch-1p', 1], ['breaker-1p', 1], ['disconnect', 2], ['breaker', 2], ['disconnect-3p', 3], ['breaker-3p', 3]]);

it('melts fuse by fuse in a fused disconnect, and whole again when they are replaced', function (): void {
    $unit = Rig::of('supply-wye, volts: 480, source_ohms: 0.02', [
        'D' => 'disconnect-fused-3p, closed_by: handle, amps: 10',
        'A' => 'heater, volts: 480, watts: 9600',
        'B' => 'heater, volts: 480, watts: 500',
    ], [
        ['SUP.L1', 'D.L1'], ['SUP.L2', 'D.L2'], ['SUP.L3', 'D.L3'], ['D.T1', 'A.1'], ['A.2', 'D.T2'], ['D.T3', 'B.1'], ['B.2', 'D.T2'],
    ], ['handle' => true]);
    // 20 A through fuses 1 and 2 of 10 A: one of them goes, and with it the current of both
    $run = $unit->run("until: 5 min\nevents: [{ at: 4 min, fault: ['A:open'], reset: [D] }]\n");
    $blown = array_values(array_filter($run->happenings, fn ($h): bool => str_starts_with($h->moved['D']['to'] ?? '', 'blown')));
    expect($blown)->toHaveCount(1)->and($blown[0]->moved['D']['to'])->toBeIn(['blown 1', 'blown 2'])
        ->and($blown[0]->at)->toBeGreaterThan(20)->toBeLessThan(240)
        ->and($run->when('D', 'whole', 200))->toEqualWithDelta(240, 0.1);
});

it('carries each pin of a plug by itself, burnt, loose or parted', function (): void {
    $unit = Rig::of(
        'supply-split-phase, volts: 240, source_ohms: 0.01',
        ['H' => 'heater, volts: 240, watts: 2400'],
        [['SUP.L1', 'H.1'], ['H.2', 'SUP.L2']],
    );
    $handler = Unit::shipped('air-handler-electric');
    expect($unit->with()->currentOf('H'))->toEqualWithDelta(10, 0.1)
        ->and($handler->with('PL:pin1-open')->observed('IBM'))->toBe('still')
        ->and($handler->volts('PL.A1', 'PL.B1', $handler->with('PL:pin1-open')))->toBeGreaterThan(200)
        ->and($handler->volts('PL.A2', 'PL.B2', $handler->with('PL:pin2-loose=15')))->toBeGreaterThan(20)->toBeLessThan(80)
        ->and($handler->settle($handler->conditions()->removing(['PL']))->observed('IBM'))->toBe('still');
});

it('blows the two fuses whose legs are burnt together in a plug, and no other', function (string $fault, string $blown): void {
    // two fuses of three: a short between those legs, in a plug, a motor or a contactor (common practice, no published source)
    $unit = Unit::shipped('rooftop-460');
    $short = $unit->with($fault);
    // the breaker opens with them, and holds when it is reset
    $settled = $unit->settle($unit->conditions(), [$fault], [...$short->states, 'CB1' => 'holds']);
    $dead = [...['1 2' => ['T1', 'T2'], '2 3' => ['T2', 'T3']][$blown]];
    expect($settled->states['DISC'])->toBe("blown $blown")
        // nothing between the two dead legs, phase voltage from each to ground, line voltage over each blown fuse
        ->and($unit->volts("DISC.$dead[0]", "DISC.$dead[1]", $settled))->toBeLessThan(1.0)
        ->and($unit->volts("DISC.$dead[0]", 'SUP.G', $settled))->toEqualWithDelta(480 / sqrt(3), 5)
        ->and($unit->volts(str_replace('T', 'DISC.F', $dead[0]), "DISC.$dead[0]", $settled))->toBeGreaterThan(250)
        // unplugged, it is out of the way: new fuses hold
        ->and($unit->settle($unit->conditions()->removing(['PL1']), [$fault])->states['DISC'])->not->toStartWith('blown');
})->with([['PL1:pins1-2-burnt', '1 2'], ['PL1:pins2-3-burnt', '2 3']]);

it('gives too much on a tap for less, too little on a tap for more, and pops its button on a short', function (): void {
    $rig = fn (string $tap, string ...$more): Unit => Rig::of('supply-split-phase, volts: 240, source_ohms: 0.01', [
        'T' => 'transformer-tapped, h2_volts: 208, h3_volts: 240, h4_volts: 480, va: 75, primary_ohms: 60, secondary_ohms: 0.3, '
            .'breaker_amps: 4',
        'H' => 'heater, volts: 24, watts: 20',
    ], [
        ['SUP.L1', 'T.H1'], ['SUP.L2', "T.$tap"], ['T.X1', 'H.1'], ['H.2', 'T.X2'],
    ]);
    $volts = fn (string $tap): float => $rig($tap)->with()->between('T.X1', 'T.X2')->abs();
    expect($volts('H3'))->toBeGreaterThan(25)->toBeLessThan(27.2)
        ->and($volts('H2') / $volts('H3'))->toEqualWithDelta(240 / 208, 0.01)
        ->and($volts('H4') / $volts('H3'))->toEqualWithDelta(240 / 480, 0.02)
        ->and($rig('H3')->with('w3:grounded', 'w4:grounded')->observed('T'))->toBe('button out')
        ->and($rig('H3')->with('T:primary-open')->between('T.X1', 'T.X2')->abs())->toBeLessThan(0.5);
});

it('reads a transformer dead by its windings, and no continuity between them', function (): void {
    $unit = Unit::shipped('two-circuit-fan-cycling');
    $off = $unit->settle($unit->off()->lifting(['w41', 'w42', 'w43', 'w44', 'w45']));
    $ohms = fn (string $a, string $b): ?float => $unit->read(MeterFunction::Ohms, "T1.$a", "T1.$b", $off)->value;
    expect($ohms('H1', 'H4'))->toEqualWithDelta(75, 1)->and($ohms('X1', 'X2'))->toEqualWithDelta(0.28, 0.1)
        ->and($ohms('H1', 'H2'))->toEqualWithDelta(75 * 208 / 480, 1)
        ->and($ohms('H1', 'X1'))->toBeNull();
});

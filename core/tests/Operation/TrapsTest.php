<?php

declare(strict_types=1);

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\Unit;

// The readings that fool people. Each is common practice, no published source, unless it says otherwise.

function lowZ(Unit $unit, string $red, string $black, Settled $on): float
{
    return $unit->read(MeterFunction::VoltsAcLowZ, $red, $black, $on)->exact ?? NAN;
}

it('shows source voltage across an open switch, none across a closed one, and each side to common tells which is dead', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('LP:open');
    expect($unit->volts('LP.1', 'LP.2', $settled))->toBeGreaterThan(24)->toBeLessThan(28)
        ->and($unit->volts('HP.1', 'HP.2', $settled))->toBeLessThan(0.1)
        ->and($unit->volts('LP.1', 'LV.C', $settled))->toBeGreaterThan(24)
        ->and($unit->volts('LP.2', 'LV.C', $settled))->toBeLessThan(1)
        ->and($settled->observed('CC'))->toBe('dropped out');
});

it('shows a dozen volts across a bad contact in a 24 V circuit, and the coil does not pull in on the rest', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('HP:worn=24');
    $across = $unit->volts('HP.1', 'HP.2', $settled);
    expect($across)->toBeGreaterThan(8)->toBeLessThan(18)
        ->and($unit->volts('CC.A', 'CC.B', $settled) + $across)->toBeGreaterThan(24)
        ->and($settled->states['CC'])->toBe('out')->and($settled->observed('COMP'))->toBe('silent');
});

it('feeds a dead leg back through what joins the legs: to ground it reads, from line to line it does not', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('FU1:blown');
    expect($unit->volts('CC.L1', 'GND.1', $settled))->toBeGreaterThan(100)
        ->and($unit->volts('CC.L1', 'CC.L2', $settled))->toBeLessThan(10)
        ->and($unit->volts('FU1.1', 'FU1.2', $settled))->toBeGreaterThan(200);
});

it('can look right from every leg to ground with one of three fuses gone; line to line or fuse by fuse decides', function (): void {
    $unit = Unit::shipped('rooftop-460');
    // the second fuse goes while everything runs
    $settled = $unit->run("until: 4 s\nevents: [{ at: 1 s, fault: ['DISC:fuse2-blown'] }]\n")->end;
    foreach ([1, 2, 3] as $n) {
        expect($unit->volts("TB.L$n", 'GND.1', $settled))->toBeGreaterThan(200);
    }
    expect($unit->volts('DISC.F2', 'DISC.T2', $settled))->toBeGreaterThan(20)
        ->and($unit->volts('DISC.F1', 'DISC.T1', $settled))->toBeLessThan(1)
        ->and($unit->volts('DISC.F3', 'DISC.T3', $settled))->toBeLessThan(1);
});

it('shows two dead legs near nothing to each other and the phase voltage to ground with two of three fuses gone', function (): void {
    $unit = Unit::shipped('rooftop-460');
    $settled = $unit->with('DISC:fuse1-blown', 'DISC:fuse2-blown');
    expect($unit->volts('TB.L1', 'TB.L2', $settled))->toBeLessThan(30)
        ->and($unit->volts('TB.L1', 'GND.1', $settled))->toBeGreaterThan(200)
        ->and($unit->volts('TB.L2', 'GND.1', $settled))->toBeGreaterThan(200)
        ->and($unit->volts('TB.L3', 'GND.1', $settled))->toBeGreaterThan(270);
});

it('reads almost normal on a leg that is lost while a three-phase motor runs, and not once it stands', function (): void {
    $unit = Unit::shipped('two-circuit-fan-cycling');
    $running = $unit->run("until: 8 s\nevents: [{ at: 6 s, fault: ['DISC:pole3-open'] }]\n")->end;
    $standing = $unit->with('DISC:pole3-open');
    expect($running->observed('COMP1'))->toBe('runs')
        ->and($unit->volts('TB.L3', 'TB.L1', $running))->toBeGreaterThan(0.65 * 480)
        ->and($standing->observed('COMP1'))->toBe('hums')
        ->and($unit->volts('TB.L3', 'TB.L1', $standing))->toBeLessThan(0.55 * 480);
});

it('reads ghost volts on a conductor that floats beside a live one, and nothing of them on low impedance', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $settled = $unit->settle($unit->conditions(['call_heat' => false])->lifting(['w41']));
    expect($unit->volts('TST.W', 'IFC.C', $settled))->toBeGreaterThan(2)->toBeLessThan(24)
        ->and(lowZ($unit, 'TST.W', 'IFC.C', $settled))->toBeLessThan(0.05);
});

it('reads 0 V between two dead points and between two points of one live leg alike', function (): void {
    $unit = Unit::shipped('rooftop-460');
    $settled = $unit->with();
    expect($unit->volts('TB.L1', 'CC1.L1', $settled))->toBeLessThan(1)
        ->and($unit->volts('HE1A.1', 'HE1A.2', $settled))->toBeLessThan(1)
        ->and($unit->volts('TB.L1', 'GND.1', $settled))->toBeGreaterThan(270)
        ->and($unit->volts('HE1A.1', 'GND.1', $settled))->toBeLessThan(20);
});

it('is spoiled by what lies in parallel: windings look like shorts, a capacitor in circuit reads wrong', function (): void {
    $unit = Unit::shipped('heat-pump');
    $off = $unit->settle($unit->off());
    // the open pole of the contactor seems to conduct: through compressor, fan and crankcase heater
    expect($unit->read(MeterFunction::Ohms, 'CC.T1', 'CC.T2', $off)->value)->toBeLessThan(5)
        ->and($unit->read(MeterFunction::Capacitance, 'CAP.C', 'CAP.HERM', $off)->overload)->toBeTrue();
    $lifted = $unit->settle($unit->off()->lifting(['w12', 'w16']));
    $isolated = $unit->settle($unit->off()->lifting(['w12'])->removing(['PR']));
    expect($unit->read(MeterFunction::Capacitance, 'CAP.C', 'CAP.HERM', $isolated)->value ?? 0)->toEqualWithDelta(45e-6, 1e-6)
        ->and($lifted->states)->not->toBe([]);
});

it('shows nothing in a clamp round both conductors of one load, the sum round a common one, and N times round N turns', function (): void {
    $unit = Unit::cooling();
    // both feeders of the outdoor unit; the common of the compressor; ten turns of a coil's lead
    expect($unit->amps(['w7', 'w8']))->toBeLessThan(0.01)->and($unit->amps(['w7']))->toBeGreaterThan(14)
        ->and($unit->amps(['w10', '~w12']))->toEqualWithDelta($unit->amps(['w11']), 0.05)
        ->and($unit->amps(['w24'], turns: 10) / $unit->amps(['w24']))->toEqualWithDelta(10, 1e-9);
    $rooftop = Unit::shipped('rooftop-460');
    expect($rooftop->amps(['w17', 'w18', 'w19']))->toBeLessThan(0.01)
        ->and($rooftop->amps(['w17']))->toBeGreaterThan(9);
});

it('draws more in a blower with its panel off and less with its filters clogged', function (): void {
    $unit = Unit::shipped('rooftop-460');
    $amps = fn (array $conditions): float => $unit->settle($unit->conditions($conditions))->currentOf('IBM');
    expect($amps(['blower_panel_off' => true]))->toBeGreaterThan(1.15 * $amps([]))
        ->and($amps(['filters_clogged' => true]))->toBeLessThan(0.95 * $amps([]));
});

it('draws more in its compressors with the condenser dirty', function (): void {
    $unit = Unit::shipped('rooftop-460');
    expect($unit->settle($unit->conditions(['condenser_dirty' => true]))->currentOf('COMP1'))->toBeGreaterThan(
        1.1 * $unit->with()->currentOf('COMP1'),
    );
});

it('opens a hot compressor from common to both others, start to run still reading, and resets after the better part of an '
    .'hour', function (): void {
        $unit = Unit::cooling();
        $run = $unit->run("until: 70 min\n", ['CAP:herm-open']);
        $tripped = $run->when('COMP', 'tripped on its overload') ?? INF;
        // locked from cold it tries again within a minute or two; it hums, clicks, hums
        expect($tripped)->toBeGreaterThan(2)->toBeLessThan(30)
            ->and(($run->when('COMP', 'hums', $tripped + 1) ?? INF) - $tripped)->toBeGreaterThan(20)->toBeLessThan(150);
        $off = $unit->settle($unit->off()->lifting(['w10', 'w11', 'w12']), [], ['COMP' => 'tripped']);
        expect($unit->read(
            MeterFunction::Ohms,
            'COMP.C',
            'COMP.R',
            $off,
        )->overload || ($unit->read(MeterFunction::Ohms, 'COMP.C', 'COMP.R', $off)->value ?? 0) > 1e6)->toBeTrue()
            ->and($unit->read(MeterFunction::Ohms, 'COMP.S', 'COMP.R', $off)->value)->toEqualWithDelta(0.72 + 1.9, 0.1);
    });

it('loses its fault code when its power is cycled', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $run = $unit->run(
        "until: 11.5 min\nevents:\n  - { at: 10 min, set: { service_switch: off } }\n  - { at: 10.5 min, set: { service_switch: on } }\n",
        ['GV:coil-open'],
    );
    expect($run->when('IFC', 'lockout, 6 flashes'))->toBeLessThan(600)
        ->and($run->when('IFC', 'off, dark', 599))->toEqualWithDelta(600, 1)
        ->and($run->end->observed('IFC'))->not->toBe('6 flashes');
});

it('runs a load that will not stop from a welded contactor, and drops some tenths of a volt over a burnt pole', function (): void {
    $unit = Unit::shipped('rooftop-460');
    $idle = $unit->settle($unit->conditions(['call_cool_1' => false, 'call_cool_2' => false]), ['CC1:welded']);
    $worn = $unit->with('CC1:pole1-worn=0.08');
    expect($idle->observed('COMP1'))->toBe('runs')->and($idle->observed('COMP2'))->toBe('silent')
        ->and($unit->volts('CC1.A', 'CC1.B', $idle))->toBeLessThan(1)
        ->and($unit->volts('CC1.L1', 'CC1.T1', $worn))->toBeGreaterThan(0.3)->toBeLessThan(2)
        ->and($unit->volts('CC1.L2', 'CC1.T2', $worn))->toBeLessThan(0.1);
});

it('buzzes when its coil is fed and its armature sticks or its volts are short, and is still with its coil open', function (): void {
    $unit = Unit::cooling();
    expect($unit->with('CC:stuck-open')->observed('CC'))->toBe('buzzes')
        ->and($unit->with('HP:worn=24')->observed('CC'))->toBe('buzzes')
        ->and($unit->with('CC:coil-open')->observed('CC'))->toBe('dropped out')
        ->and($unit->with('HP:open')->observed('CC'))->toBe('dropped out');
});

it('keeps a fan running from a stuck relay with the 24 V circuit dead and nobody calling', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->settle($unit->conditions(['call_fan' => false, 'call_cool' => false]), ['BR:welded', 'T1:secondary-open']);
    expect($settled->observed('IBM'))->toBe('runs')->and($unit->volts('AH.R', 'AH.C', $settled))->toBeLessThan(1);
});

it('blows two of three fuses on a short between two legs, and those two', function (): void {
    $settled = Unit::shipped('rooftop-460')->with('COMP1:shorted');
    expect($settled->states['DISC'])->toBe('blown 1 2');
});

it('trips its breaker at once on a short and after minutes on an overload', function (): void {
    $unit = Unit::shipped('freezer-pump-down');
    $short = $unit->run('until: 1 min', ['COMP:run-shorted']);
    $overload = $unit->run('until: 30 min', ['CB1:weak=0.45']);
    expect($short->end->observed('CB1'))->toBe('tripped')
        ->and($short->when('CB1', 'tripped') ?? 0.0)->toBeLessThan(0.1)
        ->and($overload->when('CB1', 'tripped'))->toBeGreaterThan(60)->toBeLessThan(1200);
});

it('stands still with line power and 24 V at its speed tap: the module, not the wiring', function (): void {
    $unit = Unit::shipped('air-handler-electric');
    $settled = $unit->with('IBM:module-dead');
    expect($settled->observed('IBM'))->toBe('still')
        ->and($unit->volts('IBM.L1', 'IBM.L2', $settled))->toBeGreaterThan(220)
        ->and($unit->volts('IBM.3', 'IBM.C', $settled))->toBeGreaterThan(22);
});

it('has full voltage across the element circuit and no current with a link open, and too little air opened it', function (): void {
    $unit = Unit::shipped('air-handler-electric');
    $settled = $unit->with('LNK1:tripped');
    expect($unit->volts('SEQ.M2', 'TB.L2', $settled))->toBeGreaterThan(220)
        ->and($unit->volts('LNK1.1', 'LNK1.2', $settled))->toBeGreaterThan(220)
        ->and($settled->currentOf('HE1'))->toBeLessThan(0.01);
    $run = $unit->run('until: 20 min', ['IBM:module-dead', 'LIM1:stuck-closed', 'LIM2:stuck-closed']);
    expect($run->end->states['LNK1'])->toBe('locked open');
});

it('trips on high pressure from a dead outdoor fan, a dirty condenser or the switch itself', function (array $faults, array $when): void {
    $run = Unit::shipped('rooftop-460')->run('until: 20 min', $faults, $when);
    expect($run->when('HP1', 'open'))->not->toBeNull()->toBeLessThan(1200);
})->with([
    'both fans' => [['FC:coil-open'], []],
    'dirty, and a switch that has drifted' => [['HP1:drifted=0.8'], ['condenser_dirty=on']],
]);

it('never closes its draft switch on a blocked vent or a weak motor, and says so by its code', function (array $faults, array $when): void {
    $run = Unit::shipped('gas-furnace')->run('until: 3 min', $faults, $when);
    expect($run->end->observed('IFC'))->toBe('3 flashes')
        ->and($run->end->observed('GV'))->toBe('closed');
})->with(['vent' => [[], ['vent_blocked=on']], 'motor' => [['IND:seized'], []], 'switch' => [['PS:open'], []]]);

it('will not light with its draft switch stuck closed: it must be open before the motor starts', function (): void {
    $run = Unit::shipped('gas-furnace')->run('until: 3 min', ['PS:stuck-closed']);
    expect($run->end->observed('IFC'))->toBe('2 flashes')->and($run->end->observed('IND'))->toBe('silent');
});

it('hums and stands on a dead capacitor, and runs at another current on a weak one', function (): void {
    $unit = Unit::shipped('freezer-pump-down');
    expect($unit->with('FCAP:run-open')->observed('OFM'))->toBe('hums')
        ->and($unit->with('FCAP:run-weak')->currentOf('OFM'))->not->toEqualWithDelta($unit->with()->currentOf('OFM'), 0.02);
});

it('changes its current with a dragging bearing or the wrong capacitor fitted', function (): void {
    $unit = Unit::cooling();
    $healthy = $unit->with()->currentOf('OFM');
    $circuit = $unit->model()->circuit;
    $wrong = Unit::of($circuit->fitting($circuit->part('CAP')->withPlate(['fan_uf' => 10.0])))->with();
    expect($unit->with('OFM:dragging=0.4')->currentOf('OFM'))->toBeGreaterThan(1.1 * $healthy)
        ->and($wrong->currentOf('OFM'))->toBeGreaterThan(1.15 * $healthy);
});

it('locks out when no current follows the call, lights its alarm and waits for the call to go away', function (): void {
    $unit = Unit::shipped('rooftop-460-lockout');
    $run = $unit->run(
        "until: 60 s\nevents:\n  - { at: 40 s, set: { call_cool_1: off, call_cool_2: off } }\n",
        ['CC1:pole1-burnt', 'CC1:pole2-burnt'],
    );
    expect($run->when('LOR1', 'lit'))->toBeGreaterThan(10)->toBeLessThan(40)
        ->and($run->when('LOR1', 'dark', 39))->toEqualWithDelta(40, 0.5)
        ->and($run->when('LOR2', 'lit'))->toBeNull();
});

it('holds the lockout of an impedance relay after its switch has closed again, until the call is taken away', function (): void {
    $unit = Unit::shipped('two-circuit-fan-cycling');
    $run = $unit->run(
        <<<'YAML'
            until: 40 s
            events:
              - { at: 5 s, set: { charge_lost_1: on } }
              - { at: 10 s, set: { charge_lost_1: off } }
              - { at: 20 s, set: { call_cool_1: off } }
              - { at: 25 s, set: { call_cool_1: on } }
            YAML,
    );
    expect($run->when('CC1', 'dropped out'))->toEqualWithDelta(5, 0.5)
        ->and($run->when('IMP1', 'pulled in'))->toEqualWithDelta(5, 0.5)
        // closing the switch shorts the coil out again; what has dropped out by then stays so only through the relay's own contact
        ->and($run->when('CC1', 'pulled in', 12))->toEqualWithDelta(25, 0.5);
});

it('reads otherwise everywhere once one lead is off: an open pole seems closed until the winding behind it is lifted', function (): void {
    $unit = Unit::cooling();
    $across = fn (array $lifted): ?float => $unit->read(
        MeterFunction::Ohms,
        'CC.T1',
        'CC.T2',
        $unit->settle($unit->off()->lifting($lifted)),
    )->value;
    expect($across([]))->toBeLessThan(3)
        // without the compressor only the fan is left, and without either the pole reads what it is: open
        ->and($across(['w10', 'w11', 'w12']))->toBeGreaterThan(20)->toBeLessThan(60)
        ->and($across(['w10', 'w11', 'w12', 'w16']))->toBeNull();
});

it('finds the draft motor dead with the call and the safeties good and nothing out of the board: the board\'s relay', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $settled = $unit->with('IFC:inducer-open');
    expect($settled->observed('IND'))->toBe('silent')
        ->and($unit->volts('IFC.W', 'IFC.C', $settled))->toBeGreaterThan(24)
        ->and($unit->volts('IFC.LS', 'IFC.C', $settled))->toBeGreaterThan(24)
        ->and($unit->volts('IFC.L', 'IFC.N', $settled))->toBeGreaterThan(115)
        ->and($unit->volts('IFC.IND', 'IFC.N', $settled))->toBeLessThan(1);
});

it('pops the small breaker of its transformer on a rub-out on the 24 V side, and again when it is reset', function (): void {
    $unit = Unit::shipped('air-handler-electric');
    $run = $unit->run("until: 3 min\nevents: [{ at: 90 s, reset: [T1] }]\n", ['w36:grounded']);
    expect($run->happenings[0]->at)->toBe(0.0)
        ->and($run->end->observed('T1'))->toBe('button out')
        ->and($run->end->observed('IBM'))->toBe('still');
});

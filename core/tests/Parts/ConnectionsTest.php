<?php

declare(strict_types=1);

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Ways of joining, starting and feeding beyond the usual: delta and nine leads, start kits, a neutral, a wheel, a thermostat's power.

const PLATE = 'fla: 4.8, lra: 32, power_factor: 0.82, winding_ohms: 6.5, rpm: 1745';

/** A three-phase motor of some connection on 460 V. */
function onThreePhases(string $connection): Unit
{
    return Rig::of(
        'supply-wye, volts: 460',
        ['M' => 'motor-three-phase, volts: 460, '.PLATE.", connection: $connection"],
        [['SUP.L1', 'M.T1'], ['SUP.L2', 'M.T2'], ['SUP.L3', 'M.T3'], ['SUP.N', 'SUP.G']],
    );
}

/** A nine-lead motor joined for one of its two voltages: wires of its line leads and of those joined to each other. */
function nineLeads(float $volts, bool $low): Unit
{
    $joined = $low
        ? [['M.T1', 'M.T7'], ['M.T2', 'M.T8'], ['M.T3', 'M.T9'], ['M.T4', 'M.T5'], ['M.T5', 'M.T6']]
        : [['M.T4', 'M.T7'], ['M.T5', 'M.T8'], ['M.T6', 'M.T9']];

    return Rig::of(
        "supply-wye, volts: $volts",
        ['M' => 'motor-nine-lead, volts: 460, '.PLATE],
        [['SUP.L1', 'M.T1'], ['SUP.L2', 'M.T2'], ['SUP.L3', 'M.T3'], ...$joined, ['SUP.N', 'SUP.G']],
    );
}

/** A pair of leads with the motor off its supply. */
function pair(Unit $unit, string $a, string $b, string ...$faults): float
{
    $lifted = $unit->conditions()->lifting(['w1', 'w2', 'w3']);

    return $unit->read(MeterFunction::Ohms, "M.$a", "M.$b", $unit->settle($lifted, array_values($faults)))->exact ?? INF;
}

it('takes on three phases as a delta what it takes as a wye of the same plate (circuit theory)', function (): void {
    [$wye, $delta] = [onThreePhases('wye')->with(), onThreePhases('delta')->with()];
    expect($delta->currentOf('M'))->toEqualWithDelta($wye->currentOf('M'), 1e-3)
        ->and(onThreePhases('delta')->with('M:seized')->currentOf('M'))->toEqualWithDelta(32, 1.0);
});

it('tells an open winding of a delta from one of a wye by its ohms: half again over one pair, or nothing over two (circuit '
    .'theory)', function (): void {
        $delta = onThreePhases('delta');
        // two thirds of a winding over each pair when whole; with one open its pair reads both others in series
        expect(pair($delta, 'T1', 'T2'))->toEqualWithDelta(6.5, 0.05)
            ->and(pair($delta, 'T1', 'T2', 'M:winding1-open'))->toEqualWithDelta(3 * 6.5, 0.1)
            ->and(pair($delta, 'T2', 'T3', 'M:winding1-open'))->toEqualWithDelta(1.5 * 6.5, 0.1);
        $wye = onThreePhases('wye');
        expect(pair($wye, 'T1', 'T2', 'M:winding1-open'))->toBeGreaterThan(1e5)
            ->and(pair($wye, 'T2', 'T3', 'M:winding1-open'))->toEqualWithDelta(6.5, 0.05);
    });

it('goes on turning as a delta with a winding open, and its three currents no longer agree', function (): void {
    $open = onThreePhases('delta')->with('M:winding2-open');
    $amps = array_map(fn (string $t): float => $open->currentInto('M', $t)->abs(), ['T1', 'T2', 'T3']);
    expect($open->observed('M'))->toBe('runs')->and(max($amps) / min($amps))->toBeGreaterThan(1.2);
});

it('takes twice the current joined for half the voltage, and a quarter of the ohms from line to line (circuit theory)', function (): void {
    [$high, $low] = [nineLeads(460, false), nineLeads(230, true)];
    expect($high->with()->observed('M'))->toBe('runs')->and($low->with()->observed('M'))->toBe('runs')
        ->and($low->with()->wireCurrent('w1')->abs() / $high->with()->wireCurrent('w1')->abs())->toBeGreaterThan(1.9)->toBeLessThan(2.1)
        ->and(pair($high, 'T1', 'T2'))->toEqualWithDelta(6.5, 0.1)->and(pair($low, 'T1', 'T2'))->toEqualWithDelta(6.5 / 4, 0.05);
});

it('reads on its loose leads three separate pairs and a star of three (NEMA MG 1, terminal markings of nine-lead wye motors, from '
    .'memory)', function (): void {
        $unit = nineLeads(460, false);
        $wires = array_keys($unit->model()->circuit->wires);
        $loose = $unit->settle($unit->conditions()->lifting(array_map(strval(...), $wires)));
        $ohms = fn (string $a, string $b): float => $unit->read(MeterFunction::Ohms, "M.$a", "M.$b", $loose)->exact ?? INF;
        foreach ([['T1', 'T4'], ['T2', 'T5'], ['T3', 'T6']] as [$a, $b]) {
            expect($ohms($a, $b))->toEqualWithDelta(6.5 / 4, 0.05);
        }
        foreach ([['T7', 'T8'], ['T8', 'T9'], ['T7', 'T9']] as [$a, $b]) {
            expect($ohms($a, $b))->toEqualWithDelta(6.5 / 2, 0.05);
        }
        expect($ohms('T1', 'T7'))->toBeGreaterThan(1e6)->and($ohms('T1', 'T2'))->toBeGreaterThan(1e6);
    });

it('takes twice its locked current joined for half the voltage it has, and half joined for twice (circuit theory)', function (): void {
    $locked = fn (Unit $unit): float => $unit->with('M:seized')->wireCurrent('w1')->abs();
    expect($locked(nineLeads(460, true)) / $locked(nineLeads(230, true)))->toEqualWithDelta(2.0, 0.01)
        ->and($locked(nineLeads(230, false)) / $locked(nineLeads(460, false)))->toEqualWithDelta(0.5, 0.01)
        ->and($locked(nineLeads(460, false)))->toEqualWithDelta(32, 1);
});

/** A compressor with a start kit across its run capacitor, on a supply that is low. */
function withKit(string $kit, float $volts): Unit
{
    return Rig::of(
        "supply-single-phase, volts: $volts, source_ohms: 0.1",
        [
            'M' => 'compressor-psc, volts: 230, fla: 14.1, lra: 73, rpm: 3450, run_ohms: 0.72, start_ohms: 1.9, capacitor_uf: 40, '
                .'against: left',
            'RC' => 'capacitor-run, run_uf: 40',
            ...($kit === '' ? [] : ['SK' => $kit]),
        ],
        [
            ['SUP.L', 'M.R'], ['RC.1', 'M.R'], ['RC.2', 'M.S'], ['M.C', 'SUP.N'],
            ...($kit === '' ? [] : [['SK.1', 'RC.1'], ['SK.2', 'RC.2']]),
        ],
        quantities: ['left' => 0.0],
    );
}

it('starts with a two-wire kit against pressure where it hums without, and its thermistor is soon out of the way', function (
): void {
    $at = fn (Unit $unit, float $left): Settled => $unit->settle($unit->conditions(['left' => $left]));
    [$without, $with] = [withKit('', 230), withKit('start-kit-ptc, ohms: 25', 230)];
    expect($at($without, 0.0)->observed('M'))->toBe('runs')->and($at($with, 0.0)->observed('M'))->toBe('runs');
    $helped = array_filter(range(1, 20), fn (int $n): bool => $at($with, $n / 20)->observed('M') === 'runs');
    $alone = array_filter(range(1, 20), fn (int $n): bool => $at($without, $n / 20)->observed('M') === 'runs');
    expect(count($helped))->toBeGreaterThan(count($alone))
        // hot, it passes some milliamperes
        ->and($at($with, 0.0)->currentOf('SK'))->toBeLessThan(0.05);
    $gone = 0.0;
    foreach ($with->run('until: 20 s')->happenings as $h) {
        $gone = isset($h->moved['SK']) ? $h->at : $gone;
    }
    expect($gone)->toBeGreaterThan(0.05)->toBeLessThan(5);
});

it('gives no second start while it is hot: a thermistor needs minutes to cool (common practice, no published source)', function (): void {
    $unit = Rig::of(
        'supply-single-phase, volts: 230',
        [
            'CB' => "breaker-1p, amps: 60, closed_by: 'on'",
            'SK' => 'start-kit-ptc, ohms: 25',
            'H' => 'heater, volts: 230, watts: 2000',
        ],
        [['SUP.L', 'CB.L1'], ['CB.T1', 'SK.1'], ['SK.2', 'H.1'], ['H.2', 'SUP.N']],
        ['on' => true],
    );
    $amps = fn (int $off): float => max(array_map(
        fn ($h): float => $h->at >= 60 ? $h->amps['H'] : 0.0,
        $unit->run("until: 20 min\nevents: [{ at: 30 s, set: { on: off } }, { at: $off s, set: { on: on } }]\n")->happenings,
    ));
    expect($amps(60))->toBeLessThan(0.1)->and($amps(600))->toBeGreaterThan(2.0);
});

it('has 120 V loads share 240 V as their ohms when the neutral is lost before the service (circuit theory)', function (): void {
    $unit = Rig::of(
        'supply-split-phase, volts: 240, source_ohms: 0.01',
        ['A' => 'heater, volts: 120, watts: 1200', 'B' => 'heater, volts: 120, watts: 300'],
        [['SUP.L1', 'A.1'], ['A.2', 'SUP.N'], ['SUP.N', 'B.1'], ['B.2', 'SUP.L2']],
    );
    $lost = $unit->with('SUP:neutral-lost');
    $volts = fn (string $a, string $b): float => $lost->between($a, $b)->abs();
    // 12 Ω and 48 Ω in series: 48 and 192 V, some of it held back by the earth of the service
    expect($volts('A.1', 'A.2'))->toBeGreaterThan(45)->toBeLessThan(90)->and($volts('B.1', 'B.2'))->toBeGreaterThan(150)->toBeLessThan(196)
        ->and($volts('A.1', 'A.2') + $volts('B.1', 'B.2'))->toEqualWithDelta(240, 1)
        // line to line nothing is to be seen of it
        ->and($volts('SUP.L1', 'SUP.L2'))->toEqualWithDelta(240, 1)
        ->and($unit->with()->between('A.1', 'A.2')->abs())->toEqualWithDelta(120, 1);
});

it('turns without its wheel when the hub is loose: the shaft runs, at less current than with it', function (
    string $id,
    string $motor,
): void {
    $unit = Unit::shipped($id);
    $loose = $unit->with("$motor:hub-loose");
    expect($loose->observed($motor))->toBe('turns without its wheel')
        ->and($loose->currentOf($motor))->toBeLessThan($unit->with()->currentOf($motor));
})->with([['split-cooling', 'OFM'], ['split-cooling', 'IBM'], ['rooftop-460', 'IBM'], ['heat-pump', 'OFM']]);

it('trips on high pressure when its outdoor fan turns without its blade, as when it stands', function (): void {
    $run = Unit::cooling()->run('until: 30 min', ['OFM:hub-loose']);
    expect($run->when('HP', 'open'))->not->toBeNull()->and($run->when('HP', 'open'))->toBeLessThan(900);
});

it('draws more with a larger blade or pulley and less with a smaller one (fan laws)', function (): void {
    $amps = fn (string ...$f): float => Unit::shipped('rooftop-460')->with(...$f)->currentOf('IBM');
    expect($amps('IBM:other-wheel=1.4'))->toBeGreaterThan(1.1 * $amps())->and($amps('IBM:other-wheel=0.7'))->toBeLessThan($amps());
});

/** A thermostat that calls for a contactor, living on batteries, a common or what it steals through the coil. */
function thermostat(string $power): Unit
{
    $common = $power === 'common' ? [['T.C', 'SUP.N']] : [];

    return Rig::of(
        'supply-single-phase, volts: 24',
        [
            'T' => "thermostat, y_called_by: call, power: $power",
            'K' => 'contactor-1p, coil_volts: 24, coil_ohms: 12, sealed_va: 8, inrush_va: 30',
        ],
        [
            ['SUP.L', 'T.R'], ['T.Y', 'K.A'], ['K.B', 'SUP.N'],
            ['K.L1', 'SUP.G'], ['K.T1', 'SUP.G'], ['K.L2', 'SUP.G'], ['K.T2', 'SUP.G'], ...$common,
        ],
        ['call' => true],
    );
}

it('goes blank and calls for nothing when its common is lost, or the coil it steals through', function (): void {
    $common = thermostat('common');
    expect($common->with()->observed('T'))->toBe('display lit')->and($common->with()->observed('K'))->toBe('pulled in')
        ->and($common->with('w8:open')->observed('T'))->toBe('display blank')
        ->and($common->with('w8:open')->observed('K'))->toBe('dropped out');
    $steals = thermostat('steals');
    $off = fn (string ...$faults): Settled => $steals->settle($steals->conditions(['call' => false]), array_values($faults));
    expect($off()->observed('T'))->toBe('display lit')->and($off('K:coil-open')->observed('T'))->toBe('display blank')
        // what it steals does not pull the contactor in, and shows as volts at the coil
        ->and($off()->observed('K'))->toBe('dropped out')->and($off()->between('K.A', 'K.B')->abs())->toBeGreaterThan(0.05);
});

it('needs neither on batteries', function (): void {
    expect(thermostat('battery')->with('K:coil-open')->observed('T'))->toBe('');
});

<?php

declare(strict_types=1);

use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\InsulationTest;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// What a meter in the hand adds to what is there: its leads, its hold, the charge and the warmth it finds.

/** The cooling unit with the power off and the compressor's leads lifted. */
function isolated(array $faults = []): Settled
{
    return Unit::cooling()->settle(Unit::cooling()->off()->lifting(['w10', 'w11', 'w12']), $faults);
}

it('adds the ohms of its leads to what it reads, until they are taken off by its zero (common practice, no published source)', function (
): void {
    $settler = Unit::cooling()->settler;
    $zeroed = (new Meter($settler))->read(MeterFunction::Ohms, 'COMP.R', 'COMP.C', isolated())->exact ?? NAN;
    $plain = (new Meter($settler, 0.2))->read(MeterFunction::Ohms, 'COMP.R', 'COMP.C', isolated())->exact ?? NAN;
    // 0.72 Ω on the plate: leads make a third of it
    expect($zeroed)->toEqualWithDelta(0.72, 0.02)->and($plain - $zeroed)->toEqualWithDelta(0.2, 1e-6);
});

it('reads every winding higher by the ohms of its leads, so that run and start still add up but for one of them', function (): void {
    $meter = new Meter(Unit::cooling()->settler, 0.2);
    $ohms = fn (string $a, string $b): float => $meter->read(MeterFunction::Ohms, "COMP.$a", "COMP.$b", isolated())->exact ?? NAN;
    expect($ohms('R', 'S'))->toEqualWithDelta($ohms('R', 'C') + $ohms('S', 'C') - 0.2, 0.02);
});

it('reads hot windings higher than cold ones: copper by 234.5 + °C (IEEE 112, from memory)', function (): void {
    $unit = Unit::cooling();
    $hot = $unit->run('until: 1 h')->end->conditions;
    $off = $unit->settle($unit->off()->lifting(['w10', 'w11', 'w12'])->warm(['COMP' => $hot->celsius('COMP')]));
    $read = fn (Settled $at): float => $unit->read(MeterFunction::Ohms, 'COMP.R', 'COMP.C', $at)->exact ?? NAN;
    $celsius = $hot->celsius('COMP');
    expect($celsius)->toBeGreaterThan(45)->toBeLessThan(140)
        ->and($read($off) / $read(isolated()))->toEqualWithDelta((234.5 + $celsius) / (234.5 + 25), 0.02);
});

it('holds the most it has shown: a compressor\'s inrush, and the running current once it runs', function (): void {
    $unit = Unit::cooling();
    $meter = new Meter($unit->settler);
    $held = $meter->held([new Clamped('w10')], $unit->with());
    $running = $meter->clamp([new Clamped('w10')], $unit->with());
    expect($held->exact)->toBeGreaterThan(60.0)->toBeLessThan(73.5)->and($running->exact)->toBeLessThan(15.0)
        ->and(implode(' ', $held->warnings))->toContain('The most it showed');
});

it('finds a capacitor charged after its power has gone, reads its volts, and refuses ohms until it is discharged', function (): void {
    $rig = Rig::of(
        'supply-single-phase, volts: 240',
        ['CB' => "breaker-1p, amps: 20, closed_by: 'on'", 'RC' => 'capacitor-run, run_uf: 40'],
        [['SUP.L', 'CB.L1'], ['CB.T1', 'RC.1'], ['RC.2', 'SUP.N']],
        ['on' => true],
    );
    $live = $rig->with();
    $dead = $rig->settle($rig->conditions(['on' => false]), [], $live->states);
    $meter = new Meter($rig->settler);
    foreach ([MeterFunction::Ohms, MeterFunction::Capacitance, MeterFunction::Continuity] as $function) {
        $refused = $meter->read($function, 'RC.1', 'RC.2', $dead);
        expect($refused->valid)->toBeFalse()->and(implode(' ', $refused->warnings))->toContain('Discharge it');
    }
    expect(abs($meter->read(MeterFunction::VoltsDc, 'RC.1', 'RC.2', $dead)->exact ?? 0.0))->toBeGreaterThan(100)
        ->and($meter->insulation('RC.1', 'SUP.G', $dead, new InsulationTest)->valid)->toBeFalse();
    $discharged = $rig->settle($rig->conditions(['on' => false]));
    expect($meter->read(MeterFunction::Capacitance, 'RC.1', 'RC.2', $discharged)->exact)->toEqualWithDelta(40e-6, 1e-6);
});

it('takes sound insulation for better after ten minutes than after one, and a leak for the same (IEEE 43: polarization index 2 or '
    .'more is good, from memory)', function (): void {
        $meter = new Meter(Unit::cooling()->settler);
        $ohms = fn (float $minutes, array $faults = []): float => $meter->insulation(
            'COMP.R', 'GND.1', isolated($faults), new InsulationTest(minutes: $minutes),
        )->exact ?? NAN;
        expect($ohms(10.0) / $ohms(1.0))->toBeGreaterThan(2.0)->toBeLessThan(4.0)
            ->and($ohms(10.0, ['COMP:leaky=2e6']) / $ohms(1.0, ['COMP:leaky=2e6']))->toBeLessThan(1.1);
    });

it('takes a reading to 40 °C by the factors of its insulation (IEEE 43-2013, K_T of thermosetting systems, from memory)', function (
    float $celsius,
    float $thermosetting,
    float $older,
): void {
    expect((new InsulationTest(celsius: $celsius, isThermosetting: true))->at40(1e8) / 1e8)->toEqualWithDelta($thermosetting, 0.06)
        ->and((new InsulationTest(celsius: $celsius))->at40(1e8) / 1e8)->toEqualWithDelta($older, 0.01 * $older);
})->with([
    [10, 0.7, 0.125], [20, 0.8, 0.25], [30, 0.9, 0.5], [40, 1.0, 1.0], [50, 1.5, 2.0], [60, 2.3, 4.0], [70, 3.3, 8.0], [80, 4.6, 16.0],
]);

it('shows capacitance as a 6000-count meter does: hundredths to 60 µF, tenths above (common practice, no published source)', function (
    float $microfarads,
    string $shown,
): void {
    $rig = Rig::of('supply-single-phase, volts: 24', ['R' => 'resistor, ohms: 1000', 'RC' => "capacitor-run, run_uf: $microfarads"], [
        ['SUP.L', 'R.1'], ['R.2', 'SUP.N'], ['RC.1', 'SUP.G'], ['RC.2', 'SUP.G'],
    ]);
    $off = $rig->settle($rig->conditions()->lifting(['w3', 'w4']));
    expect($rig->read(MeterFunction::Capacitance, 'RC.1', 'RC.2', $off)->display())->toBe($shown);
})->with([[5.0, '5.000 µF'], [40.0, '40.00 µF'], [80.0, '80.0 µF']]);

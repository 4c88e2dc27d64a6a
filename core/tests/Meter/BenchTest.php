<?php

declare(strict_types=1);

use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\InsulationTest;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// The meter on circuits small enough to be worked out by hand with Ohm's law.

/** 120 V through a breaker across resistors in series, from line to neutral, with a tap after each. */
function ladderOf(float ...$ohms): Unit
{
    $parts = ['CB' => "breaker-1p, amps: 60, closed_by: 'on'"];
    $wires = [['SUP.L', 'CB.L1']];
    $from = 'CB.T1';
    foreach ($ohms as $n => $r) {
        $id = 'R'.($n + 1);
        $parts[$id] = "resistor, ohms: $r";
        $wires[] = [$from, "$id.1"];
        $from = "$id.2";
    }

    return Rig::of('supply-single-phase, volts: 120, source_ohms: 0.001', $parts, [...$wires, [$from, 'SUP.N']], ['on' => true]);
}

function breakerOpen(Unit $unit): Settled
{
    return $unit->settle($unit->conditions(['on' => false]));
}

it('divides what it measures with its own input: 10 MΩ on volts, 3 kΩ on low impedance (common practice, no published source)', function (
): void {
    // the source seen from the tap is 100 kΩ and 100 kΩ in parallel
    $unit = ladderOf(100e3, 100e3);
    $read = fn (MeterFunction $f) => $unit->read($f, 'R1.2', 'SUP.N')->exact;
    expect($read(MeterFunction::VoltsAc))->toEqualWithDelta(60 * 10e6 / (10e6 + 50e3), 0.05)
        ->and($read(MeterFunction::VoltsAcLowZ))->toEqualWithDelta(60 * 3e3 / (3e3 + 50e3), 0.05);
});

it('shows the amperes of a conductor as often as it goes through the jaw', function (): void {
    $meter = new Meter(($unit = ladderOf(240.0))->settler);
    $once = $meter->clamp([new Clamped('w1')], $unit->with());
    $wound = $meter->clamp([new Clamped('w1')], $unit->with(), 10);
    expect($once->exact)->toEqualWithDelta(0.5, 0.002)
        ->and($once->warnings)->toHaveCount(1)->and($once->warnings[0])->toContain('wind the conductor')
        ->and($wound->exact)->toEqualWithDelta(5.0, 0.02)
        ->and($wound->warnings)->toHaveCount(1)->and($wound->warnings[0])->toContain('10 turns: divide by 10, 0.5 A');
});

it('says nothing of a clamp on one conductor with more than an ampere, or with none at all', function (): void {
    $meter = new Meter(($unit = ladderOf(60.0))->settler);
    expect($meter->clamp([new Clamped('w1')], $unit->with())->warnings)->toBe([])
        ->and($meter->clamp([new Clamped('w1'), new Clamped('w3')], $unit->with()))->exact->toEqualWithDelta(4.0, 0.02)
        ->and($meter->clamp([new Clamped('w1'), new Clamped('w3', true)], $unit->with()))->exact->toEqualWithDelta(0.0, 0.02)
        ->and($meter->clamp([new Clamped('w1'), new Clamped('w3')], $unit->with())->warnings[0])->toContain('sum of their currents');
});

it('refuses a dead test from a little over two volts on, to earth too', function (float $ohms, bool $taken): void {
    $unit = ladderOf(120 - $ohms, $ohms);
    $reading = $unit->read(MeterFunction::Ohms, 'R1.2', 'SUP.N');
    expect($reading->valid)->toBe($taken)->and($unit->read(MeterFunction::Ohms, 'R1.2', 'R1.2')->valid)->toBe($taken);
})->with(['1.9 V' => [1.9, true], '2.1 V' => [2.1, false]]);

it('beeps below thirty ohms (common practice, no published source)', function (float $ohms, bool $beeps): void {
    $unit = ladderOf($ohms);
    $reading = $unit->read(MeterFunction::Continuity, 'R1.1', 'R1.2', breakerOpen($unit));
    expect($reading->value)->toEqualWithDelta($ohms, 0.2)->and($reading->overload)->toBeFalse()
        ->and($reading->warnings)->toBe($beeps ? ['The meter beeps.'] : []);
})->with([[29.0, true], [31.0, false]]);

it('reads a capacitor past a leak, until the leak carries a fifth of what it does at the test frequency', function (
    float $share,
    bool $reads,
): void {
    // 10 µF at 10 Hz is 1592 Ω
    $ohms = 1 / ($share * 2 * M_PI * 10 * 10e-6);
    $unit = Rig::of(
        'supply-single-phase, volts: 120',
        ['CB' => "breaker-1p, amps: 60, closed_by: 'on'", 'C' => 'capacitor-run, run_uf: 10', 'R' => "resistor, ohms: $ohms"],
        [['SUP.L', 'CB.L1'], ['CB.T1', 'C.1'], ['C.1', 'R.1'], ['C.2', 'R.2'], ['C.2', 'SUP.N']],
        ['on' => true],
    );
    $reading = $unit->read(MeterFunction::Capacitance, 'C.1', 'C.2', breakerOpen($unit));
    expect($reading->overload)->toBe(! $reads)->and($reading->valid)->toBeTrue();
    if ($reads) {
        expect($reading->exact)->toEqualWithDelta(10e-6, 0.1e-6)->and($reading->warnings)->toBe([]);
    } else {
        expect($reading->value)->toBeNull()->and($reading->warnings[0])->toContain('lift the leads of the capacitor');
    }
})->with([[0.15, true], [0.19, true], [0.21, false], [3.0, false]]);

it('halves insulation for each ten degrees under forty, doubles it above (IEEE 43-2013, from memory)', function (
    float $celsius,
    ?string $said,
): void {
    $unit = ladderOf(5e6);
    $reading = (new Meter($unit->settler))->insulation('R1.1', 'SUP.N', breakerOpen($unit), new InsulationTest(celsius: $celsius));
    expect($reading->exact)->toEqualWithDelta(5e6, 0.1e6)->and($reading->overload)->toBeFalse()
        ->and($reading->warnings)->toHaveCount($said === null ? 1 : 2);
    if ($said !== null) {
        expect($reading->warnings[1])->toMatch($said);
    }
})->with([
    'at 40 °C' => [40.0, null],
    'at 30 °C' => [30.0, '/At 40 °C that is 2\.[45]\d* MΩ/'],
    'at 50 °C' => [50.0, '/At 40 °C that is (9\.9|10\.)\d* MΩ/'],
]);

it('warns of more than 500 V on windings rated under 1000 V', function (float $volts, bool $warns): void {
    $unit = ladderOf(5e6);
    $reading = (new Meter($unit->settler))->insulation('R1.1', 'SUP.N', breakerOpen($unit), new InsulationTest($volts));
    expect(str_contains(implode(' ', $reading->warnings), 'is more than the 500 V'))->toBe($warns)
        ->and($reading->exact)->toEqualWithDelta(5e6, 0.1e6);
})->with([[250.0, false], [500.0, false], [1000.0, true]]);

it('puts no more than thirty volts of an insulation test across electronics', function (float $ohms, bool $taken): void {
    // the module's supply input is 120² / 3 = 4800 Ω; the rest of the 500 V stands over the resistor in series
    $unit = Rig::of(
        'supply-single-phase, volts: 120',
        [
            'CB' => "breaker-1p, amps: 60, closed_by: 'on'", 'R' => "resistor, ohms: $ohms",
            'MP' => 'motor-protector, volts: 120', 'H' => 'resistor, ohms: 100',
        ],
        [
            ['SUP.L', 'CB.L1'], ['CB.T1', 'R.1'], ['R.2', 'MP.T1'], ['MP.S1', 'MP.S2'],
            ['MP.M1', 'H.1'], ['MP.M2', 'H.2'], ['MP.T2', 'SUP.N'],
        ],
        ['on' => true],
    );
    $reading = (new Meter($unit->settler))->insulation('R.1', 'SUP.N', breakerOpen($unit), new InsulationTest);
    expect($reading->valid)->toBe($taken);
    if (! $taken) {
        expect($reading->warnings)->toHaveCount(1)->and($reading->warnings[0])->toMatch('/^3[12] V of the test/')
            ->toContain('unplug it first')->and($reading->value)->toBeNull()->and($reading->overload)->toBeFalse();
    }
})->with(['32 V' => [70e3, false], '28 V' => [82e3, true]]);

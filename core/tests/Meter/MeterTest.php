<?php

declare(strict_types=1);

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\BadEntry;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\Entry;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

it('reads the windings so that the two smaller add up to the largest (physics)', function (): void {
    $unit = Unit::cooling();
    $off = $unit->settle($unit->off());
    $ohms = fn (string $a, string $b): float => $unit->read(MeterFunction::Ohms, $a, $b, $off)->exact ?? NAN;
    expect($ohms('COMP.C', 'COMP.R'))->toEqualWithDelta(0.72, 0.02)
        ->and($ohms('COMP.C', 'COMP.S'))->toEqualWithDelta(1.9, 0.02)
        ->and($ohms('COMP.C', 'COMP.R') + $ohms('COMP.C', 'COMP.S'))->toEqualWithDelta($ohms('COMP.S', 'COMP.R'), 0.05);
});

it('reads an open overload as open from common to both, with start to run still reading', function (): void {
    // an open overload in a hot compressor is not a burnt winding (common practice, no published source)
    $unit = Unit::cooling();
    $isolated = $unit->settle($unit->off()->lifting(['w11', 'w12']), ['COMP:overload-open']);
    expect($unit->read(MeterFunction::Ohms, 'COMP.C', 'COMP.R', $isolated)->display())->toBe('OL')
        ->and($unit->read(MeterFunction::Ohms, 'COMP.C', 'COMP.S', $isolated)->display())->toBe('OL')
        ->and($unit->read(MeterFunction::Ohms, 'COMP.S', 'COMP.R', $isolated)->display())->toBe('2.6 Ω');
});

it('is spoiled by a path in parallel until the part is isolated', function (): void {
    $unit = Unit::cooling();
    $off = $unit->settle($unit->off());
    $open = $unit->settle($unit->off(), ['CC:coil-open']);
    $isolated = $unit->settle($unit->off()->lifting(['w24']), ['CC:coil-open']);
    // the heater across the open pole reads through the windings: not OL, though the contact is open
    expect($unit->read(MeterFunction::Ohms, 'CC.L1', 'CC.T1', $off)->exact)->toEqualWithDelta(240 ** 2 / 70, 2)
        ->and($unit->read(MeterFunction::Ohms, 'CC.A', 'CC.B', $isolated)->overload)->toBeTrue()
        // and an open coil left in circuit reads a few ohms by way of the transformer winding, as if it were good or shorted
        ->and($unit->read(MeterFunction::Ohms, 'CC.A', 'CC.B', $open)->exact)->toBeLessThan(5);
});

it('measures a capacitor alone and says when something spoils it', function (): void {
    $unit = Unit::cooling();
    $isolated = $unit->off()->lifting(['w12', 'w15']);
    $read = fn (string ...$faults) => $unit->read(
        MeterFunction::Capacitance,
        'CAP.C',
        'CAP.HERM',
        $unit->settle($isolated, array_values($faults)),
    );
    $inCircuit = $unit->read(MeterFunction::Capacitance, 'CAP.C', 'CAP.HERM', $unit->settle($unit->off()));
    $plate = $unit->model()->circuit->part('CAP')->number('herm_uf') * 1e-6;
    expect($read()->exact)->toEqualWithDelta($plate, 0.001 * $plate)
        ->and($read('CAP:herm-weak')->exact)->toBeLessThan(0.9 * $plate)->toBeGreaterThan(0)
        ->and($read('CAP:herm-open')->exact)->toEqualWithDelta(0, 1e-9)
        ->and($read('CAP:herm-shorted')->display())->toBe('OL')
        ->and($inCircuit->display())->toBe('OL')
        ->and($inCircuit->warnings[0])->toContain('lift the leads');
});

it('is not to be used on ohms, continuity or capacitance where it is live', function (MeterFunction $function): void {
    $reading = Unit::cooling()->read($function, 'CC.A', 'CC.B');
    expect($reading->valid)->toBeFalse()
        ->and($reading->value)->toBeNull()
        ->and($reading->warnings[0])->toContain('prove dead');
})->with([MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Capacitance]);

it('beeps on continuity and not through a winding', function (): void {
    $unit = Unit::cooling();
    $off = $unit->settle($unit->off());
    expect($unit->read(MeterFunction::Continuity, 'HP.1', 'HP.2', $off)->warnings)->toBe(['The meter beeps.'])
        ->and($unit->read(MeterFunction::Continuity, 'T1.H1', 'T1.H2', $unit->settle($unit->off()->lifting(['w37'])))->warnings)->toBe([]);
});

it('loads a floating conductor with its 10 MΩ so that a ghost does not pass for a supply', function (): void {
    // a conductor cut off at both ends hangs by stray capacitance; the meter pulls it down (common practice, no published source)
    $unit = Unit::cooling();
    $cut = $unit->with('w20:open', 'w22:open');
    expect($unit->volts('LV.Y', 'LV.C', $cut))->toBeLessThan(1.0);
});

it('shows readings on the range an autoranging 6000-count meter takes', function (
    MeterFunction $function,
    float $value,
    string $shown,
): void {
    expect(Display::format($function, $value))->toBe($shown);
})->with([
    [MeterFunction::VoltsAc, 26.4349, '26.43 V'],
    [MeterFunction::VoltsAc, 239.97, '240.0 V'],
    [MeterFunction::VoltsAc, 0.0021, '0.002 V'],
    [MeterFunction::Ohms, 0.72, '0.7 Ω'],
    [MeterFunction::Ohms, 823.0, '0.823 kΩ'],
    [MeterFunction::Ohms, 4.7e6, '4.700 MΩ'],
    [MeterFunction::Capacitance, 39.6e-6, '39.60 µF'],
]);

it('names a point that is not there and the nearest that is', function (): void {
    Unit::cooling()->read(MeterFunction::VoltsAc, 'CC.L1', 'CC.L3');
})->throws(UnknownName::class, 'Did you mean CC.L1?');

it('understands what is typed', function (MeterFunction $function, string $text, ?float $value): void {
    $entry = Entry::parse($function, $text);
    $value === null ? expect($entry->value)->toBeNull() : expect($entry->value)->toEqualWithDelta($value, abs($value) * 1e-12);
})->with([
    [MeterFunction::VoltsAc, '26.4', 26.4],
    [MeterFunction::VoltsAc, ' 26,4 V ', 26.4],
    [MeterFunction::VoltsAc, '300mV', 0.3],
    [MeterFunction::VoltsAc, '.3', 0.3],
    [MeterFunction::Ohms, '1.2k', 1200.0],
    [MeterFunction::Ohms, '4.7 MΩ', 4.7e6],
    [MeterFunction::Ohms, '0.823 kΩ', 823.0],
    [MeterFunction::Ohms, 'OL', null],
    [MeterFunction::Continuity, 'ol', null],
    [MeterFunction::Capacitance, '39.6', 39.6e-6],
    [MeterFunction::Capacitance, '39.6 µF', 39.6e-6],
]);

it('says what is wrong with what is typed, and what to type', function (MeterFunction $function, string $text, string $message): void {
    expect(fn () => Entry::parse($function, $text))->toThrow(BadEntry::class, $message);
})->with([
    'empty' => [MeterFunction::VoltsAc, '  ', 'Nothing was entered'],
    'letters' => [MeterFunction::VoltsAc, 'abc', 'is not a reading'],
    'two numbers' => [MeterFunction::VoltsAc, '24 26', 'is not a reading'],
    'negative ohms' => [MeterFunction::Ohms, '-5', 'cannot be negative'],
    'absurd' => [MeterFunction::Ohms, '1e99', 'more than any service meter'],
    'beyond a float' => [MeterFunction::VoltsAc, '1e999', 'more than any service meter'],
    'absurd volts' => [MeterFunction::VoltsAc, '24000', 'more than any service meter'],
    'wrong unit' => [MeterFunction::VoltsAc, '12 ohm', 'is not a unit of this test'],
    'volts on ohms' => [MeterFunction::Ohms, '24V', 'is not a unit of this test'],
]);

it('makes a dead test of no other function, and reads no points with a clamp', function (MeterFunction $function): void {
    $unit = Unit::cooling();
    $network = $unit->settler->dead($unit->off(), Levin\Core\Parts\Faults::none(), [], 0.0);
    $meter = new Levin\Core\Meter\Meter($unit->settler);
    expect(fn () => $meter->readDead($function, 'CC.A', 'CC.B', $network))->toThrow(Levin\Core\Meter\WrongInstrument::class)
        ->and(fn () => Levin\Core\Meter\Meter::testOmega($function))->toThrow(Levin\Core\Meter\WrongInstrument::class);
})->with([MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc, MeterFunction::Amps]);

<?php

declare(strict_types=1);

use Levin\Core\Units\Amount;
use Levin\Core\Units\BadAmount;
use Levin\Core\Units\Dimension;

it('takes numbers in the units people write', function (Dimension $dimension, string $typed, float $si): void {
    // NIST SP 811 appendix B: 1 psi 6.894757 kPa, 1 in w.c. 249.0889 Pa, 1 ft³/min 4.719474e-4 m³/s, 1 hp 745.6999 W (from memory)
    expect(Amount::parse($dimension, $typed)->value)->toEqualWithDelta($si, 1e-6 * abs($si) + 1e-12);
})->with([
    [Dimension::Resistance, '12.5', 12.5], [Dimension::Resistance, '1.2k', 1200.0], [Dimension::Resistance, '1,2 kΩ', 1200.0],
    [Dimension::Insulation, '550', 550e6], [Dimension::Insulation, '2 GΩ', 2e9], [Dimension::Voltage, '24.1 V', 24.1],
    [Dimension::Voltage, '.46kV', 460.0], [Dimension::Current, '350 mA', 0.35], [Dimension::FlameCurrent, '3.5', 3.5e-6],
    [Dimension::Capacitance, '40', 40e-6], [Dimension::Capacitance, '7.5 mfd', 7.5e-6], [Dimension::Power, '0.5 hp', 372.849935],
    [Dimension::Temperature, '212', 100.0], [Dimension::Temperature, '−40 F', -40.0], [Dimension::Temperature, '60°C', 60.0],
    [Dimension::TemperatureDifference, '18', 10.0], [Dimension::Pressure, '100 psig', 689475.7], [Dimension::Pressure, '7 bar', 7e5],
    [Dimension::AirPressure, '0.5"', 124.544455], [Dimension::AirPressure, '120 Pa', 120.0], [Dimension::AirFlow, '1200', 0.5663369],
    [Dimension::Length, '100 ft', 30.48], [Dimension::Diameter, '5/8', 0.015875],
    [Dimension::Diameter, '3 1/2"', 0.0889], [Dimension::Diameter, '90 mm', 0.09],
    [Dimension::Duration, '2 min', 120.0], [Dimension::Share, '5', 0.05],
]);

it('takes the fractions that plates have', function (string $typed, float $horsepower): void {
    expect(Amount::parse(Dimension::Power, $typed)->value)->toEqualWithDelta($horsepower * 745.69987, 1e-6);
})->with([['1/3 hp', 1 / 3], ['1/6hp', 1 / 6], ['1 1/2 hp', 1.5], ['1-1/2 hp', 1.5], ['3/4 HP', 0.75]]);

it('takes nothing for a fraction that is none', function (string $typed): void {
    expect(fn () => Amount::parse(Dimension::Power, $typed))->toThrow(BadAmount::class);
})->with(['1/0 hp', '1/2/3 hp', '/3 hp', '1/ hp']);

it('shows what it took, in the digits that matter', function (Dimension $dimension, string $unit, float $si, string $shown): void {
    expect($dimension->unit($unit)?->show($si))->toBe($shown);
})->with([
    [Dimension::Temperature, 'f', 100.0, '212 °F'], [Dimension::Pressure, 'psi', 689475.7, '100 psi'],
    [Dimension::AirPressure, 'in w.c.', 124.54, '0.5 in w.c.'], [Dimension::Resistance, 'ohm', 0.0, '0 Ω'],
    [Dimension::Capacitance, 'µF', 37.64e-6, '37.6 µF'], [Dimension::Voltage, 'v', 239.8, '240 V'],
    [Dimension::Share, '%', 0.4904, '49 %'], [Dimension::WireSize, 'AWG', 3.31e-6, '12 AWG'],
    [Dimension::WireSize, 'awg', 107.2e-6, '4/0 AWG'], [Dimension::WireSize, 'mm2', 2.5e-6, '2.5 mm²'],
]);

it('comes back to what it was, in every unit there is', function (Dimension $dimension): void {
    foreach ($dimension->units() as $unit) {
        foreach ([0.001, 1.0, 42.5] as $value) {
            expect($unit->fromSi($unit->toSi($value)))->toEqualWithDelta($value, 1e-9 * $value)
                ->and($unit->isSpelt($unit->symbol))->toBeTrue();
        }
    }
})->with(Dimension::cases());

it('takes OL where a meter can be over its range, and nowhere else', function (): void {
    expect(Amount::parse(Dimension::Resistance, 'OL')->value)->toBeNull()
        ->and(Amount::parse(Dimension::Capacitance, 'o.l.')->value)->toBeNull()
        ->and(fn () => Amount::parse(Dimension::Voltage, 'OL'))->toThrow(BadAmount::class, 'not a number');
});

it('says what is wrong and what to type', function (Dimension $dimension, string $typed, string $message): void {
    expect(fn () => Amount::parse($dimension, $typed))->toThrow(BadAmount::class, $message);
})->with([
    [Dimension::Voltage, '', 'Nothing was entered'], [Dimension::Voltage, 'lots', 'not a number'],
    [Dimension::Voltage, '12 Ω', '"Ω" is not a unit of voltage. Use V or mV or kV.'],
    [Dimension::Resistance, '-5', 'no resistance below nothing'],
    [Dimension::Resistance, '1e99', 'Look at the decimal and the unit again'], [Dimension::Current, '1,200', 'read in two ways'],
    [Dimension::Voltage, str_repeat('1', 30), 'longer than 24'],
]);

it('knows wire by gauge as by area', function (string $typed, float $millimetres): void {
    // NEC chapter 9 table 8, areas of AWG sizes (from memory), within half a per cent
    expect(Amount::parse(Dimension::WireSize, $typed)->value)->toEqualWithDelta($millimetres * 1e-6, 5e-3 * $millimetres * 1e-6);
})->with([
    ['18', 0.823], ['14', 2.08], ['12 AWG', 3.31], ['10', 5.261], ['6', 13.30], ['1', 42.41], ['1/0', 53.49], ['2/0 AWG', 67.43],
    ['4/0', 107.2], ['2.5 mm²', 2.5], ['16 mm2', 16.0],
]);

it('takes no gauge with a minus, and none thicker than any', function (string $typed): void {
    expect(fn () => Amount::parse(Dimension::WireSize, $typed))->toThrow(BadAmount::class);
})->with(['-3', '−2', '5/0', '2000 mm²', 'thick']);

<?php

declare(strict_types=1);

use Levin\Core\Meter\BadEntry;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\Entry;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Meter\Spec;
use Levin\Core\Parts\Machines\Copper;

it('shows every function in its own unit, range and decimals', function (MeterFunction $function, float $value, string $shown): void {
    expect(Display::format($function, $value))->toBe($shown);
})->with([
    [MeterFunction::VoltsAc, 5.999, '5.999 V'],
    [MeterFunction::VoltsAc, 6.01, '6.01 V'],
    [MeterFunction::VoltsAc, 599.94, '599.9 V'],
    [MeterFunction::VoltsAc, 700.4, '700 V'],
    [MeterFunction::VoltsAcLowZ, 24.0, '24.0 V'],
    [MeterFunction::VoltsDc, 0.0123, '12.3 mV'],
    [MeterFunction::VoltsDc, 0.612, '0.612 V'],
    [MeterFunction::VoltsDc, -4.987, '-4.987 V'],
    [MeterFunction::Ohms, 599.9, '599.9 Ω'],
    [MeterFunction::Ohms, 6001.0, '6.00 kΩ'],
    [MeterFunction::Ohms, 45670.0, '45.67 kΩ'],
    [MeterFunction::Ohms, 599900.0, '599.9 kΩ'],
    [MeterFunction::Ohms, 55.55e6, '55.55 MΩ'],
    [MeterFunction::Ohms, 99e6, '99.00 MΩ'],
    [MeterFunction::Continuity, 12.3, '12.3 Ω'],
    [MeterFunction::Amps, 14.125, '14.13 A'],
    [MeterFunction::Amps, 61.0, '61.0 A'],
    [MeterFunction::Megohms, 3.5e6, '3.500 MΩ'],
    [MeterFunction::Megohms, 39.99e6, '39.99 MΩ'],
    [MeterFunction::Megohms, 550e6, '0.550 GΩ'],
    [MeterFunction::Capacitance, 0.5e-6, '0.500 µF'],
    [MeterFunction::Capacitance, 39.62e-6, '39.62 µF'],
    [MeterFunction::MicroampsDc, 3.74e-6, '3.7 µA'],
    [MeterFunction::Capacitance, 5.123e-6, '5.123 µF'],
    [MeterFunction::Capacitance, 250e-6, '250.0 µF'],
]);

it('takes the lowest range that holds the value', function (MeterFunction $function, float $value, ?float $range): void {
    expect(Spec::of($function)->rangeFor($value))->toBe($range);
})->with([
    [MeterFunction::VoltsAc, 6.0, 6.0],
    [MeterFunction::VoltsAc, 6.0001, 60.0],
    [MeterFunction::VoltsAc, -6.0001, 60.0],
    [MeterFunction::VoltsAc, 1000.0, 1000.0],
    [MeterFunction::VoltsAc, 1000.1, null],
    [MeterFunction::VoltsAcLowZ, 1.0, 600.0],
    [MeterFunction::VoltsAcLowZ, 601.0, 1000.0],
    [MeterFunction::VoltsAcLowZ, 1001.0, null],
    [MeterFunction::VoltsDc, 0.6, 0.6],
    [MeterFunction::VoltsDc, 7.0, 60.0],
    [MeterFunction::VoltsDc, 61.0, 600.0],
    [MeterFunction::VoltsDc, 601.0, 1000.0],
    [MeterFunction::VoltsDc, 1001.0, null],
    [MeterFunction::Ohms, 601.0, 6e3],
    [MeterFunction::Ohms, 6001.0, 60e3],
    [MeterFunction::Ohms, 61e3, 600e3],
    [MeterFunction::Ohms, 601e3, 6e6],
    [MeterFunction::Ohms, 6.1e6, 60e6],
    [MeterFunction::Ohms, 60e6, 60e6],
    [MeterFunction::Ohms, 60.1e6, null],
    [MeterFunction::Continuity, 601.0, null],
    [MeterFunction::Amps, 600.0, 600.0],
    [MeterFunction::Amps, 601.0, null],
    [MeterFunction::Megohms, 1.0, 4e6],
    [MeterFunction::Megohms, 4.1e6, 40e6],
    [MeterFunction::Megohms, 41e6, 400e6],
    [MeterFunction::Megohms, 4e9, 4e9],
    [MeterFunction::Megohms, 4.1e9, null],
    [MeterFunction::Capacitance, 6e-3, 6e-3],
    [MeterFunction::Capacitance, 7e-3, null],
]);

it('errs by its share of the reading and its counts', function (MeterFunction $function, float $value, float $error): void {
    expect(Spec::of($function)->error($value))->toEqualWithDelta($error, 1e-9 * max(1.0, $error));
})->with([
    // 1 % of 24 V and 3 counts of 0.01 V
    [MeterFunction::VoltsAc, 24.0, 0.24 + 0.03],
    [MeterFunction::VoltsAc, -24.0, 0.24 + 0.03],
    [MeterFunction::VoltsAcLowZ, 24.0, 0.48 + 0.3],
    [MeterFunction::VoltsDc, 0.5, 0.0025 + 2e-4],
    [MeterFunction::Ohms, 100.0, 0.9 + 0.2],
    [MeterFunction::Continuity, 100.0, 0.9 + 0.2],
    [MeterFunction::Amps, 10.0, 0.2 + 0.05],
    [MeterFunction::Megohms, 100e6, 3e6 + 5e5],
    [MeterFunction::Capacitance, 40e-6, 0.76e-6 + 2e-8],
    [MeterFunction::VoltsAc, 120.0, 1.2 + 0.3],
    [MeterFunction::VoltsAc, 5.0, 0.05 + 0.003],
    [MeterFunction::VoltsDc, 5.0, 0.025 + 0.002],
    [MeterFunction::Ohms, 3000.0, 27.0 + 2.0],
    [MeterFunction::Amps, 100.0, 2.0 + 0.5],
    [MeterFunction::Megohms, 1e6, 3e4 + 5e3],
    // over every range it errs as on the last
    [MeterFunction::Continuity, 1000.0, 9.0 + 0.2],
]);

it('understands each unit of each function', function (MeterFunction $function, string $typed, float $value): void {
    expect(Entry::parse($function, $typed)->value)->toEqualWithDelta($value, 1e-9 * abs($value));
})->with([
    [MeterFunction::VoltsAc, '0.24kV', 240.0],
    [MeterFunction::VoltsAcLowZ, '26.1 v', 26.1],
    [MeterFunction::VoltsAc, '250 mV', 0.25],
    [MeterFunction::VoltsDc, '5 V', 5.0],
    [MeterFunction::Amps, '9 A', 9.0],
    [MeterFunction::Megohms, '550 M', 550e6],
    [MeterFunction::Megohms, '550 MOhm', 550e6],
    [MeterFunction::Megohms, '550 Mω', 550e6],
    [MeterFunction::Megohms, '1.1 GΩ', 1.1e9],
    [MeterFunction::Megohms, '1.1 Gω', 1.1e9],
    [MeterFunction::Megohms, '80 kΩ', 80e3],
    [MeterFunction::Megohms, '80 kω', 80e3],
    [MeterFunction::Ohms, '8 ohm', 8.0],
    [MeterFunction::Ohms, '12,5', 12.5],
    [MeterFunction::Ohms, '0,125', 0.125],
    [MeterFunction::Ohms, '1,2504', 1.2504],
    [MeterFunction::Ohms, '8 ω', 8.0],
    [MeterFunction::Ohms, '4.7k', 4700.0],
    [MeterFunction::Ohms, '4.7 kΩ', 4700.0],
    [MeterFunction::Ohms, '4.7 kω', 4700.0],
    [MeterFunction::Ohms, '4.7 kohm', 4700.0],
    [MeterFunction::Ohms, '1.5 MΩ', 1.5e6],
    [MeterFunction::Ohms, '1.5 Mω', 1.5e6],
    [MeterFunction::Ohms, '1.5 Mohm', 1.5e6],
    [MeterFunction::Capacitance, '5', 5e-6],
    [MeterFunction::Capacitance, '5 µF', 5e-6],
    [MeterFunction::Capacitance, '5 μF', 5e-6],
    [MeterFunction::VoltsDc, '-4.98', -4.98],
    [MeterFunction::VoltsDc, '300 mV', 0.3],
    [MeterFunction::Amps, '14.1', 14.1],
    [MeterFunction::Amps, '250mA', 0.25],
    [MeterFunction::Megohms, '550', 550e6],
    [MeterFunction::Megohms, '2.2G', 2.2e9],
    [MeterFunction::Megohms, '80k', 80e3],
    [MeterFunction::Megohms, '5 MΩ', 5e6],
    [MeterFunction::Ohms, '12 ohms', 12.0],
    [MeterFunction::Ohms, '3 Ω', 3.0],
    [MeterFunction::Ohms, '1.5M', 1.5e6],
    [MeterFunction::Continuity, '0.4', 0.4],
    [MeterFunction::Capacitance, '39.6 mfd', 39.6e-6],
    [MeterFunction::Capacitance, '900nF', 900e-9],
    [MeterFunction::Capacitance, '5 uF', 5e-6],
    [MeterFunction::Ohms, '+7', 7.0],
    [MeterFunction::Ohms, '1e3', 1000.0],
]);

it('understands every way to write that it is over the range', function (string $typed): void {
    expect(Entry::parse(MeterFunction::Ohms, $typed)->value)->toBeNull();
})->with(['OL', 'ol', 'O.L', 'O.L.', '0L', ' OL ']);

it('takes the most a meter can show and nothing above it', function (MeterFunction $function, string $most, string $over): void {
    expect(Entry::parse($function, $most)->value)->not->toBeNull()
        ->and(fn () => Entry::parse($function, $over))->toThrow(BadEntry::class, 'more than any service meter');
})->with([
    [MeterFunction::VoltsAc, '1000', '1000.1'],
    [MeterFunction::VoltsDc, '1000', '1001'],
    [MeterFunction::Amps, '2000', '2000.5'],
    [MeterFunction::Megohms, '1000000', '1000001'],
    [MeterFunction::Ohms, '1000M', '1001M'],
    [MeterFunction::Capacitance, '100000', '100001'],
]);

it('says in full what to type', function (MeterFunction $function, string $typed, string $message): void {
    expect(fn () => Entry::parse($function, $typed))->toThrow(
        fn (BadEntry $e) => expect($e->getMessage())->toBe($message)->and($e->function)->toBe($function),
    );
})->with([
    [MeterFunction::VoltsAc, '', 'Nothing was entered. Type what the meter shows, such as 26.4, or OL.'],
    [MeterFunction::VoltsDc, ' ', 'Nothing was entered. Type what the meter shows, such as 4.98, or OL.'],
    [MeterFunction::Amps, 'much', '"much" is not a reading. Type a number such as 14.1, or OL.'],
    [MeterFunction::Megohms, 'much', '"much" is not a reading. Type a number such as 550, or OL.'],
    [MeterFunction::Ohms, 'much', '"much" is not a reading. Type a number such as 12.5 or 1.2k, or OL.'],
    [
        MeterFunction::Capacitance,
        '5 V',
        '"V" is not a unit of this test, which reads in F. Type a number such as 39.6, or change the function.',
    ],
    [MeterFunction::Ohms, '1,200', '"1,200" can be read two ways. Type 1200, or 1.200 if the comma begins the decimals.'],
    [MeterFunction::Ohms, '1,200 k', '"1,200 k" can be read two ways. Type 1200 k, or 1.200 k if the comma begins the decimals.'],
    [MeterFunction::Amps, '-1', 'This reading cannot be negative. Swap the probes or read the display again.'],
    [MeterFunction::Ohms, str_repeat('1', 25), 'That is too long for a reading. Type what the meter shows, in at most 24 characters.'],
    [
        MeterFunction::VoltsAc,
        '5000',
        '5000 is more than any service meter can show here. Read the display again; if it shows OL, enter OL.',
    ],
]);

it('knows which functions feed the circuit themselves, and the unit of each', function (): void {
    $dead = array_filter(MeterFunction::cases(), fn (MeterFunction $f): bool => $f->isDeadTest());
    expect(array_column($dead, 'value'))->toEqualCanonicalizing(['ohms', 'continuity', 'mfd', 'megohms'])
        ->and(array_map(fn (MeterFunction $f): string => $f->unit(), MeterFunction::cases()))->toBe(
            ['V', 'V', 'V', 'Ω', 'Ω', 'F', 'A', 'A', 'Ω'],
        )
        ->and(array_column(array_filter(MeterFunction::cases(), fn (MeterFunction $f): bool => $f->goesOnWires()), 'value'))
        ->toBe(['uadc', 'amps']);
});

it('tells a reading that was not taken from one over its range', function (): void {
    $of = fn (?float $value, bool $overload, bool $valid): MeterReading => new MeterReading(
        MeterFunction::Ohms,
        'A',
        'B',
        $value,
        $overload,
        $value,
        [],
        $valid,
    );
    expect($of(12.0, false, true)->display())->toBe('12.0 Ω')
        ->and($of(null, true, true)->display())->toBe('OL')
        ->and($of(null, false, false)->display())->toBe('not taken')
        ->and($of(12.0, false, true)->noting('x')->noting('y')->warnings)->toBe(['x', 'y'])
        ->and($of(100.0, false, true)->toArray())->toMatchArray(
            ['function' => 'ohms', 'red' => 'A', 'black' => 'B', 'value' => 100.0, 'unit' => 'Ω', 'overload' => false, 'valid' => true],
        )
        ->and($of(100.0, false, true)->toArray()['plus_minus'])->toEqualWithDelta(1.1, 1e-9)
        ->and($of(null, true, true)->toArray()['plus_minus'])->toBeNull();
});

it('reads a conductor in a jaw, with its direction or against it', function (): void {
    expect(Clamped::parse('w12'))->wire->toBe('w12')->against->toBeFalse()
        ->and(Clamped::parse('~w12'))->wire->toBe('w12')->against->toBeTrue()
        ->and((string) Clamped::parse('~w12'))->toBe('~w12')->and((string) new Clamped('w12'))->toBe('w12');
});

it('carries copper from one temperature to another (IEEE 112: 234.5, from memory)', function (): void {
    // 1 Ω at 25 °C is (234.5 + 75)/(234.5 + 25) = 1.1927 Ω at 75 °C
    expect(Copper::at(1.0, 25.0, 75.0))->toEqualWithDelta(309.5 / 259.5, 1e-12)
        ->and(Copper::at(Copper::at(3.3, 20.0, 95.0), 95.0, 20.0))->toEqualWithDelta(3.3, 1e-12);
});

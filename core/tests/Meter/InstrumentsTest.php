<?php

declare(strict_types=1);

use Levin\Core\Meter\BadEntry;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Entry;
use Levin\Core\Meter\InsulationTest;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// The clamp, the insulation tester, low impedance and direct volts.

it('reads insulation in megohms, tells it at 40 °C and says to discharge (IEEE 43-2013: halves for each 10 °C, from '
    .'memory)', function (): void {
        $unit = Unit::cooling();
        $off = $unit->settle($unit->off()->lifting(['w10', 'w11', 'w12']), ['COMP:leaky=80000000']);
        $reading = (new Meter($unit->settler))->insulation('COMP.R', 'GND.1', $off, new InsulationTest(celsius: 20));
        expect($reading->value)->toEqualWithDelta(80e6, 1e6)
            ->and($reading->display())->toBe('80.0 MΩ')
            ->and(implode(' ', $reading->warnings))->toContain('At 40 °C that is 20.0')->toContain('Discharge')->toContain('vacuum');
    });

it('reads a good winding in gigohms, a grounded one at nothing, and warns of 1000 V', function (): void {
    $unit = Unit::cooling();
    $meter = new Meter($unit->settler);
    $lifted = $unit->off()->lifting(['w10', 'w11', 'w12']);
    expect($meter->insulation('COMP.R', 'GND.1', $unit->settle($lifted), new InsulationTest)->display())->toContain('GΩ')
        ->and($meter->insulation('COMP.R', 'GND.1', $unit->settle($lifted, ['COMP:grounded']), new InsulationTest)->value)
        ->toBeLessThan(1e4)
        ->and(implode(' ', $meter->insulation('COMP.R', 'GND.1', $unit->settle($lifted), new InsulationTest(1000))->warnings))->toContain(
            '1000 V is more than the 500 V',
        );
});

it('refuses an insulation test on a live circuit and through electronics', function (): void {
    $unit = Unit::shipped('air-handler-electric');
    $meter = new Meter($unit->settler);
    $live = $meter->insulation('IBM.L1', 'GND.1', $unit->with(), new InsulationTest);
    $through = $meter->insulation('IBM.L1', 'IBM.L2', $unit->settle($unit->off()->removing(['PL'])), new InsulationTest);
    expect($live->valid)->toBeFalse()->and(implode(' ', $live->warnings))->toContain('live circuit')
        ->and($through->valid)->toBeFalse()->and(implode(' ', $through->warnings))->toContain(
            'never an insulation test through electronics',
        )
        ->and($through->display())->toBe('not taken');
});

it('reads no direct volts on an a.c. circuit and five over an open sensor of a protection module', function (): void {
    expect(Unit::cooling()->read(MeterFunction::VoltsDc, 'CC.L1', 'CC.L2')->exact)->toEqualWithDelta(0, 1e-6);
    $unit = Rig::of(
        'supply-single-phase, volts: 120',
        [
            'MP' => 'motor-protector, volts: 120, delay: 60',
            'H' => 'heater, volts: 120, watts: 60',
            'TH' => 'thermistor, senses: winding, curve: ptc, ohms: 250, rated_at: 110',
        ],
        [
            ['SUP.L', 'MP.T1'], ['MP.T2', 'SUP.N'], ['MP.S1', 'TH.1'], ['MP.S2', 'TH.2'],
            ['SUP.L', 'MP.M1'], ['MP.M2', 'H.1'], ['H.2', 'SUP.N'],
        ],
        quantities: ['winding' => 60],
    );
    $at = fn (float $celsius, string ...$faults) => $unit->settle($unit->conditions(['winding' => $celsius]), array_values($faults));
    expect($at(60)->states['MP'])->toBe('good')
        ->and($at(125)->states['MP'])->toBe('tripped')
        ->and($at(60, 'TH:shorted')->states['MP'])->toBe('tripped')
        ->and($unit->read(MeterFunction::VoltsDc, 'MP.S1', 'MP.S2', $at(60, 'TH:open'))->value)->toEqualWithDelta(5.0, 0.02)
        ->and($unit->read(MeterFunction::VoltsDc, 'MP.S2', 'MP.S1', $at(60, 'TH:open'))->value)->toEqualWithDelta(-5.0, 0.02)
        // 250 Ω of 5250 Ω at 5 V
        ->and($unit->read(MeterFunction::VoltsDc, 'MP.S1', 'MP.S2', $at(60))->value)->toEqualWithDelta(0.238, 0.002);
});

it('clamps any set of wires in either direction and tells what to divide by', function (): void {
    $unit = Unit::cooling();
    $meter = new Meter($unit->settler);
    $ten = $meter->clamp([new Clamped('w24')], $unit->with(), 10);
    expect($ten->display())->toEndWith('A')->and(implode(' ', $ten->warnings))->toContain('divide by 10')
        ->and(implode(' ', $meter->clamp([new Clamped('w24')], $unit->with())->warnings))->toContain('wind the conductor')
        ->and($meter->clamp([new Clamped('w7'), new Clamped('w7', true)], $unit->with())->exact)->toEqualWithDelta(0, 1e-9)
        ->and(fn () => $meter->read(MeterFunction::Amps, 'CC.L1', 'CC.L2', $unit->with()))->toThrow(DomainException::class, 'name wires');
});

it('understands entries of every instrument, and refuses what they cannot show', function (): void {
    expect(Entry::parse(MeterFunction::Amps, '350 mA')->value)->toEqualWithDelta(0.35, 1e-12)
        ->and(Entry::parse(MeterFunction::VoltsDc, '-4.98')->value)->toBe(-4.98)
        ->and(Entry::parse(MeterFunction::Megohms, '550')->value)->toBe(550e6)
        ->and(Entry::parse(MeterFunction::Megohms, '2.2 G')->value)->toBe(2.2e9)
        ->and(Entry::parse(MeterFunction::VoltsAcLowZ, '118')->value)->toBe(118.0)
        ->and(fn () => Entry::parse(MeterFunction::Amps, '12 V'))->toThrow(BadEntry::class, 'not a unit')
        ->and(fn () => Entry::parse(MeterFunction::Amps, '-3'))->toThrow(BadEntry::class, 'cannot be negative');
});

<?php

declare(strict_types=1);

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Energy;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Ending;

// A standing pilot and what it feeds. Volts follow from Ohm's law [physics]; what its parts hold and let go at is common practice, no
// published source.

const WALL_FURNACE = 'wall-furnace-millivolt';

it('divides what the generator has between its own ohms and what hangs on it (Ohm\'s law)', function (array $when, array $faults): void {
    $unit = Unit::shipped(WALL_FURNACE);
    $settled = $unit->settle($unit->conditions($when), $faults);
    // 9 Ω of the pilot magnet, beside it the main coil's 3.2 Ω with its leads and contacts where the thermostat calls
    $leads = ($unit->read(MeterFunction::VoltsDc, 'GV.THTP', 'GV.TH', $settled)->exact ?? NAN)
        / (($unit->read(MeterFunction::VoltsDc, 'GV.TH', 'GV.TP', $settled)->exact ?? NAN) / 3.2);
    $load = $when === [] ? 1 / (1 / 9 + 1 / (3.2 + $leads)) : 9.0;
    $share = in_array('PG:weak=0.5', $faults, true) ? 0.5 : 1.0;
    expect($unit->read(MeterFunction::VoltsDc, 'GV.THTP', 'GV.TP', $settled)->exact)
        ->toEqualWithDelta($share * 0.75 * $load / ($load + 2.4), 0.004)
        ->and($unit->read(MeterFunction::VoltsAc, 'GV.THTP', 'GV.TP', $settled)->exact)->toBeLessThan(1e-3);
})->with([[[], []], [['call_heat' => false], []], [[], ['PG:weak=0.5']]]);

it('is kept shut by a contact that would not matter at 24 V', function (): void {
    $unit = Unit::shipped(WALL_FURNACE);
    $worn = $unit->with('LIM:worn=8');
    expect($unit->settle($unit->conditions())->observed('GV'))->toBe('open')->and($worn->observed('GV'))->toBe('pilot only')
        ->and($unit->read(MeterFunction::VoltsDc, 'LIM.1', 'LIM.2', $worn)->exact)->toBeGreaterThan(0.2);
});

it('is read in volts d.c. with the power off, and refuses ohms until its pilot is cold or a lead is off', function (): void {
    $unit = Unit::shipped(WALL_FURNACE);
    $off = $unit->settle($unit->off());
    $ohms = fn ($settled) => $unit->read(MeterFunction::Ohms, 'GV.TH', 'GV.TP', $settled);
    expect($ohms($off)->valid)->toBeFalse()->and($ohms($off)->warnings[0])->toContain('mV d.c.')
        ->and($ohms($unit->settle($unit->off()->lifting(['w21'])))->valid)->toBeTrue()
        ->and($unit->read(MeterFunction::VoltsDc, 'GV.THTP', 'GV.TP', $off)->display())->toEndWith(' mV')
        ->and(Energy::ofPoints($off)['GV.TH'])->toBe(Energy::Dead)->and(Energy::drawn($off)['GV.TH'])->toBe(Energy::Live)
        ->and(Energy::drawn($off)['GV.TP'])->toBe(Energy::Common);
});

it('asks for volts d.c. where the pilot feeds, for none a.c., and finds what is hidden there', function (string $fault): void {
    $outcome = Unit::shipped(WALL_FURNACE)->tried($fault);
    $volts = array_filter($outcome->log, static fn (string $done): bool => preg_match('/^Volts: (GV|LIM|VSS|MVB|TST)/', $done) === 1);
    expect($outcome->ending)->toBe(Ending::Right, $fault)->and($outcome->unsafe)->toBe([])->and($volts)->toBe([]);
})->with(['TST:w-open', 'LIM:open', 'LIM:worn=20', 'PG:weak=0.3', 'GV:main-open']);

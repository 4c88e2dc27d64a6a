<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\PilotVolts;
use Levin\Core\Diagnosis\Step;
use Levin\Core\Diagnosis\Steps;
use Levin\Core\Diagnosis\Test;
use Levin\Core\Diagnosis\Watch;
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

it('has a pilot lit that does not stay, with the meter clipped on, and tells generator, leads and magnet apart', function (
    string $fault,
    array $found,
): void {
    $outcome = Unit::shipped(WALL_FURNACE)->tried($fault);
    expect($outcome->ending)->toBe(Ending::Right, $outcome->said)->and($outcome->unsafe)->toBe([])
        ->and($outcome->faults)->toEqualCanonicalizing($found);
})->with([
    // 0.75 V with nothing on it, what the magnet leaves of that with it on
    'pilot that does not light' => ['PG:unlit', ['PG:unlit']],
    'a lead off' => ['w20:open', ['w20:open']],
    'the other lead off' => ['w21:open', ['w21:open']],
    'generator open' => ['PG:open', ['PG:open']],
    'generator too weak to hold it' => ['PG:weak=0.1', ['PG:weak']],
    'magnet that lets go, or is open: the valve' => ['GV:lets-go', ['GV:lets-go', 'GV:pilot-open']],
]);

it('has gas smelled for before a pilot is lit, and says how it is lit', function (): void {
    $orders = function (Unit $unit, Test $test): string {
        $now = $unit->conditions();
        $started = new Candidate($test, new Occasion($now, 0.0), [], 6.0, 1.0);

        return implode(' ', array_map(static fn (Step $s): string => $s->order, (new Steps($unit->model()))->to($started, $now, false)));
    };
    expect($orders(Unit::shipped(WALL_FURNACE), new PilotVolts('PG.1', 'PG.2')))
        ->toContain('smell of gas')->toContain('knob to PILOT')->toContain('volts d.c.')
        ->and($orders(Unit::cooling(), new Watch('COMP')))->not->toContain('PILOT');
});

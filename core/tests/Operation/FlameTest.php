<?php

declare(strict_types=1);

use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

// A flame is a rectifier: the board looks for a direct current out of its rod, some microamperes, and takes nothing else for one.

const FURNACE = 'gas-furnace';

it('lights and stays lit, with one to ten microamperes in the lead of the rod (common practice, no published source)', function (): void {
    $unit = Unit::shipped(FURNACE);
    $run = $unit->run('until: 5 min');
    $reading = (new Meter($unit->settler))->inSeries('w28', $run->end);
    expect($run->when('FS', 'flame'))->not->toBeNull()->and($run->end->observed('GV'))->toBe('open')
        ->and($reading->valid)->toBeTrue()->and(abs($reading->exact ?? 0.0))->toBeGreaterThan(1e-6)->toBeLessThan(10e-6)
        ->and($reading->display())->toEndWith('µA');
});

it('shows less and less as the rod is coated, and goes out when it is too little', function (): void {
    $unit = Unit::shipped(FURNACE);
    $amps = fn (string $fault): float => abs(
        (new Meter($unit->settler))->inSeries('w28', $unit->run('until: 60 s', [$fault])->end)->exact ?? NAN,
    );
    [$clean, $some, $more] = [$amps('FS:dirty=1'), $amps('FS:dirty=5e6'), $amps('FS:dirty=1e7')];
    expect($clean)->toBeGreaterThan($some)->and($some)->toBeGreaterThan($more)
        ->and($unit->run('until: 8 min', ['FS:dirty'])->end->observed('IFC'))->toBe('6 flashes');
});

it('does not know a flame with line and neutral swapped, nor with its common off ground: it lights three times and locks out', function (
    string $fault,
): void {
    $run = Unit::shipped(FURNACE)->run('until: 12 min', [$fault]);
    $opened = array_filter($run->happenings, fn ($h): bool => ($h->moved['GV']['to'] ?? '') === 'open');
    expect(count($opened))->toBe(3)->and($run->when('FS', 'flame'))->not->toBeNull()
        ->and($run->when('IBM', 'runs'))->toBeNull()->and($run->when('IFC', 'lockout, 6 flashes'))->not->toBeNull();
})->with(['w13+w14:swapped', 'w12:open']);

it('takes neither stray capacitance nor a rod on the burner for a flame', function (string $fault): void {
    $run = Unit::shipped(FURNACE)->run('until: 12 min', $fault === '' ? [] : [$fault], ['gas_on=off']);
    expect($run->when('IFC', 'lockout, 6 flashes'))->not->toBeNull()->and($run->when('IBM', 'runs'))->toBeNull();
})->with(['gas shut off' => '', 'rod on the burner' => 'FS:grounded', 'lead rubbed through' => 'w28:grounded']);

it('reports a flame that nobody asked for and keeps its blower and draft motor on', function (): void {
    // the valve leaks through: it burns on after the call
    $run = Unit::shipped(FURNACE)->run("until: 20 min\nevents: [{ at: 5 min, set: { call_heat: off } }]\n", ['GV:stuck-moved']);
    expect($run->when('IFC', 'flame_unasked, 5 flashes', 300))->not->toBeNull()
        ->and($run->end->observed('IND'))->toBe('runs')->and($run->end->observed('IBM'))->toBe('runs');
});

it('has no direct volts but those of the flame', function (): void {
    $unit = Unit::shipped(FURNACE);
    $lit = $unit->run('until: 3 min')->end;
    expect($unit->read(MeterFunction::VoltsDc, 'SUP.L', 'SUP.N', $lit)->exact)->toEqualWithDelta(0, 1e-3);
});

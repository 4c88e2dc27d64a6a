<?php

declare(strict_types=1);

use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Fifty ordinary single-phase plates: volts, full-load and locked-rotor amperes, r/min, ohms of run and start winding, capacitor. They
// are of the sort that is met every day (common practice, no published source); locked amperes and ohms of the fan motors, which
// their plates do not show, are what a meter finds on such motors.

const FANS = [
    // six poles, condenser fans and blowers, 208–230 V
    '1/10 hp 230 V' => [230, 0.7, 1.3, 1075, 42, 68, 3],
    '1/8 hp 230 V' => [230, 0.9, 1.8, 1075, 33, 52, 4],
    '1/6 hp 230 V' => [230, 1.1, 2.2, 1075, 25, 44, 5],
    '1/6 hp 240 V, 0.9 A' => [240, 0.9, 1.9, 1075, 30, 46, 5],
    '1/5 hp 230 V' => [230, 1.3, 2.6, 1075, 21, 36, 5],
    '1/4 hp 230 V' => [230, 1.5, 3.2, 1075, 17, 31, 5],
    '1/4 hp 240 V, 1.4 A' => [240, 1.4, 3.0, 1075, 18, 32, 7.5],
    '1/4 hp 208 V' => [208, 1.9, 3.9, 1075, 13, 26, 7.5],
    '1/3 hp 230 V' => [230, 2.0, 4.4, 1075, 12, 24, 7.5],
    '1/3 hp 230 V, 10 µF' => [230, 2.3, 5.2, 1075, 11, 20, 10],
    '1/2 hp 230 V' => [230, 3.2, 7.4, 1075, 6.9, 14, 10],
    '1/2 hp 230 V, 3.9 A' => [230, 3.9, 8.8, 1075, 6.0, 13, 10],
    '3/4 hp 230 V' => [230, 4.8, 12, 1075, 4.0, 9.0, 15],
    '3/4 hp 230 V, 5.3 A' => [230, 5.3, 13, 1075, 3.7, 8.2, 15],
    '1 hp 230 V' => [230, 6.4, 16.5, 1075, 2.7, 6.2, 20],
    '1 hp 230 V, 6.9 A' => [230, 6.9, 17.5, 1090, 2.5, 5.8, 20],
    // eight poles
    '1/8 hp 230 V, eight poles' => [230, 0.9, 1.7, 825, 35, 55, 4],
    '1/6 hp 230 V, eight poles' => [230, 1.1, 2.1, 825, 28, 46, 5],
    '1/4 hp 230 V, eight poles' => [230, 1.7, 3.3, 825, 17, 32, 7.5],
    '1/3 hp 230 V, eight poles' => [230, 2.4, 4.9, 825, 11.5, 22, 10],
    // four poles
    '1/6 hp 115 V, four poles' => [115, 2.4, 5.6, 1625, 5.6, 13, 5],
    '1/3 hp 230 V, four poles' => [230, 2.1, 5.2, 1625, 10.5, 21, 7.5],
    '1/2 hp 115 V, four poles' => [115, 6.6, 16.5, 1625, 1.75, 5.0, 10],
    // furnace and air-handler blowers, draft motors, 115 V
    '1/10 hp 115 V' => [115, 1.5, 2.8, 1075, 10.5, 23, 5],
    '1/8 hp 115 V' => [115, 2.0, 3.9, 1050, 7.4, 17, 5],
    '1/6 hp 115 V' => [115, 2.6, 5.2, 1075, 5.8, 13, 7.5],
    '1/5 hp 115 V' => [115, 3.2, 6.4, 1075, 4.8, 11, 7.5],
    '1/4 hp 115 V' => [115, 4.0, 8.3, 1075, 3.7, 8.6, 10],
    '1/3 hp 115 V' => [115, 5.6, 11.8, 1075, 2.6, 6.2, 10],
    '1/2 hp 115 V' => [115, 7.2, 15.5, 1075, 2.0, 4.6, 15],
    '3/4 hp 115 V' => [115, 10.2, 23, 1075, 1.3, 3.2, 20],
    // 265–277 V
    '1/6 hp 277 V' => [277, 0.9, 1.9, 1075, 36, 58, 5],
    '1/4 hp 277 V' => [277, 1.3, 2.8, 1075, 24, 42, 5],
    '1/3 hp 277 V' => [277, 1.8, 3.9, 1075, 16.5, 30, 7.5],
    // 460 V, the capacitor across half the run winding
    '1/6 hp 460 V' => [460, 0.6, 1.2, 1075, 96, 52, 3, 'half'],
    '1/4 hp 460 V' => [460, 0.8, 1.6, 1075, 70, 40, 4, 'half'],
    '1/3 hp 460 V, 1.0 A' => [460, 1.0, 2.1, 1075, 52, 30, 5, 'half'],
    '1/3 hp 460 V, eight poles' => [460, 1.2, 2.4, 825, 46, 27, 5, 'half'],
    '1/2 hp 460 V' => [460, 1.6, 3.6, 1075, 29, 18, 7.5, 'half'],
    '3/4 hp 460 V' => [460, 2.3, 5.4, 1075, 18, 11, 10, 'half'],
];

const COMPRESSORS = [
    '1½ tons' => [230, 9.0, 48, 3450, 1.15, 2.9, 30],
    '1½ tons, 7.7 A' => [230, 7.7, 40, 3450, 1.4, 3.4, 25],
    '2 tons' => [230, 11.5, 60, 3450, 0.88, 2.3, 35],
    '2 tons, 13.5 A' => [230, 13.5, 58.3, 3450, 0.85, 2.2, 35],
    '2½ tons' => [230, 14.1, 73, 3450, 0.72, 1.9, 40],
    '3 tons' => [230, 16.7, 79, 3450, 0.6, 1.7, 45],
    '3½ tons' => [230, 19.9, 109, 3450, 0.45, 1.6, 45],
    '4 tons' => [230, 21.8, 117, 3450, 0.4, 1.5, 55],
    '5 tons' => [230, 26.4, 134, 3450, 0.33, 1.4, 60],
    '5 tons, 80 µF' => [230, 26.3, 135, 3450, 0.32, 1.1, 80],
];

/** @param  array{float, float, float, float, float, float, float}  $plate */
function motor(string $kind, array $plate, float $fed): Unit
{
    [$volts, $fla, $lra, $rpm, $run, $start, $microfarads] = $plate;
    $half = isset($plate[7]);

    return Rig::of(
        "supply-single-phase, volts: $fed, source_ohms: 0.01",
        [
            'M' => "$kind, volts: $volts, fla: $fla, lra: $lra, rpm: $rpm, run_ohms: $run, start_ohms: $start, "
                ."capacitor_uf: $microfarads, capacitor_volts: 440".($half ? ', start_across: half of it' : ''),
            'RC' => "capacitor-run, run_uf: $microfarads, volts: 440",
        ],
        [['SUP.L', 'M.R'], ['M.S', 'RC.2'], ['RC.1', 'SUP.L'], ['M.C', 'SUP.N']],
    );
}

function capacitorVolts(Settled $settled): float
{
    return $settled->between('RC.1', 'RC.2')->abs();
}

it('is one of fifty', function (): void {
    expect(count(FANS) + count(COMPRESSORS))->toBe(50);
});

it('starts, runs within 15 % of its plate amperes, and keeps its capacitor within 1.1 of its volts (IEC 60252-1)', function (
    string $kind,
    array $plate,
): void {
    $settled = motor($kind, $plate, $plate[0])->with();
    expect($settled->observed('M'))->toBe('runs')
        ->and($settled->currentInto('M', 'C')->abs())->toEqualWithDelta($plate[1], 0.15 * $plate[1])
        ->and(capacitorVolts($settled))->toBeLessThan(1.1 * 440);
})->with(function (): Generator {
    foreach (FANS as $name => $plate) {
        yield $name => ['motor-psc', $plate];
    }
    foreach (COMPRESSORS as $name => $plate) {
        yield $name => ['compressor-psc', $plate];
    }
});

it('takes about its plate amperes, not a tenth more nor less than a fifth less, over the middle of them all', function (): void {
    $off = [];
    foreach ([...array_map(null, FANS), ...array_map(null, COMPRESSORS)] as $name => $plate) {
        $kind = isset(FANS[$name]) ? 'motor-psc' : 'compressor-psc';
        $off[] = abs(motor($kind, $plate, $plate[0])->with()->currentInto('M', 'C')->abs() / $plate[1] - 1);
    }
    sort($off);
    expect($off[25])->toBeLessThan(0.03)->and($off[49])->toBeLessThan(0.15);
});

it('changes with its volts as NEMA MG 1 says (section 14.30 and its table of effects, from memory): torque by the square; at 90 % more '
    .'slip and, where the load asks full torque, more current; at 110 % less slip', function (array $plate): void {
        $at = fn (float $share): Settled => motor('compressor-psc', $plate, $plate[0] * $share)->with();
        $slip = fn (Settled $s): float => (float) substr($s->states['M'], strlen('running')) ?: 1 - $plate[3] / 3600;
        [$low, $rated, $high] = [$at(0.9), $at(1.0), $at(1.1)];
        // full-load slip +23 % at 90 %, −17 % at 110 %; full-load current +11 % at 90 %
        expect($slip($low) / $slip($rated))->toBeGreaterThan(1.1)->toBeLessThan(1.5)
            ->and($slip($high) / $slip($rated))->toBeGreaterThan(0.7)->toBeLessThan(0.95)
            ->and($low->currentInto('M', 'C')->abs() / $rated->currentInto('M', 'C')->abs())->toBeGreaterThan(1.03)->toBeLessThan(1.18);
        // locked current in proportion to the volts: −10 to −12 % at 90 %
        $locked = fn (float $share): float => motor('compressor-psc', $plate, $plate[0] * $share)->with('M:seized')
            ->currentInto('M', 'C')->abs();
        expect($locked(0.9) / $locked(1.0))->toEqualWithDelta(0.89, 0.02)->and($locked(1.1) / $locked(1.0))->toEqualWithDelta(1.11, 0.02);
    })->with(array_map(fn (array $plate): array => [$plate], COMPRESSORS));

it('slows a fan little and warms its motor on low volts, as its maker allows: within ±10 % it still runs (NEMA MG 1, 12.44, from '
    .'memory)', function (string $name): void {
        foreach ([0.9, 1.1] as $share) {
            expect(motor('motor-psc', FANS[$name], FANS[$name][0] * $share)->with()->observed('M'))->toBe('runs', "$name at $share");
        }
    })->with(array_keys(FANS));

it('hums on its run winding alone: without its capacitor it has no torque at standstill (physics)', function (
    string $kind,
    array $plate,
): void {
    $open = motor($kind, $plate, $plate[0])->with('RC:run-open');
    expect($open->observed('M'))->toBe('hums')->and($open->currentInto('M', 'C')->abs())->toBeGreaterThan(0.5 * $plate[2]);
})->with([
    ['motor-psc', FANS['1/4 hp 230 V']],
    ['motor-psc', FANS['1/3 hp 115 V']],
    ['compressor-psc', COMPRESSORS['2 tons']],
    ['compressor-psc', COMPRESSORS['5 tons']],
]);

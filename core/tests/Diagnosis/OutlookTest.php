<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidates;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Islands;
use Levin\Core\Diagnosis\Leads;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Posture;
use Levin\Core\Diagnosis\Scene;
use Levin\Core\Diagnosis\SuspectGroup;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\WrongInstrument;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;

it('divides the volts of a floating conductor with the meter that reads it', function (): void {
    // 100 V behind 10 MΩ on a meter of 10 MΩ is 50 V; behind 10 MΩ of reactance it is 100/√2 V (voltage divider)
    $nowhere = new Posture([], [], '');
    $scene = fn (array $z): Scene => new Scene([100.0, 0.0], [0.0, 0.0], [], new Islands([1, 0], [1 => $z]), $nowhere, []);
    expect($scene([10e6, 0.0])->volts(0, -1, 10e6))->toEqualWithDelta(50.0, 1e-6)
        ->and($scene([10e6, 0.0])->volts(1, -1, 10e6))->toEqualWithDelta(0.0, 1e-6)
        ->and($scene([0.0, -10e6])->volts(0, 1, 10e6))->toEqualWithDelta(100 / sqrt(2), 1e-6)
        ->and($scene([10e6, 0.0])->isGhost(0, -1))->toBeTrue()->and($scene([1e6, 0.0])->isGhost(0, -1))->toBeFalse();
});

it('predicts a ghost voltage as the meter reads it, loading and all', function (): void {
    // a thermostat wire that floats beside live ones (common practice, no published source)
    $unit = Unit::shipped('gas-furnace');
    $conditions = $unit->conditions(['call_heat' => false])->lifting(['w41']);
    $settled = $unit->settle($conditions);
    $bare = $settled->between('TST.W', 'IFC.C')->abs();
    $read = Meter::loadedVolts($settled, 'TST.W', 'IFC.C');
    expect($bare)->toBeGreaterThan(1.03 * $read)
        ->and($read)->toBeGreaterThan(2.0)
        ->and($unit->investigation()->predictor()->reading(
            0,
            new Leads(MeterFunction::VoltsAc, 'TST.W', 'IFC.C'),
            new Occasion($conditions),
        ))->toEqualWithDelta($read, 0.01 * $read);
});

it('finds nothing while something stands unexplained, is doubted or decides alone, however sure it is', function (): void {
    $group = new SuspectGroup(['HP:open'], ['High-pressure switch: open'], 0.99);
    $odd = Learned::seen('CC', 'buzzes', Unit::cooling()->conditions());
    $of = fn (array $unexplained, ?Evidence $doubted, ?Evidence $alone): Assessment => new Assessment(
        [0.01, 0.99], [$group], 1, 2, [], [], [], $unexplained, $doubted, $alone,
    );
    expect($of([], null, null)->found())->toBe($group)->and($of([$odd], null, null)->found())->toBeNull()
        ->and($of([], $odd, null)->found())->toBeNull()->and($of([], null, $odd)->found())->toBeNull();
});

it('finds nothing under ninety-five in a hundred, ninety-nine of an overload that comes and goes, nor of too many', function (): void {
    $of = fn (float $p, int $many): ?SuspectGroup => (new Assessment(
        [], [new SuspectGroup([], array_fill(0, $many, 'x'), $p)], 1, 2, [], [], [], [], null, null,
    ))->found();
    $elusive = fn (float $p): ?SuspectGroup => (new Assessment(
        [], [new SuspectGroup([], ['x'], $p, mayBeVictim: true)], 1, 2, [], [], [], [], null, null,
    ))->found();
    expect($elusive(0.98))->toBeNull()->and($elusive(0.99))->not->toBeNull();
    expect($of(0.94, 1))->toBeNull()->and($of(0.95, 1))->not->toBeNull()->and($of(0.99, 6))->not->toBeNull()->and($of(0.99, 7))->toBeNull();
});

it('prices the risk of line voltage: from 50 V on a live reading costs more than one at 24 V (NFPA 70E, from memory)', function (): void {
    $unit = Unit::cooling();
    $scene = $unit->investigation()->predictor()->outlook($unit->conditions())->scene(0);
    $risks = [];
    foreach ((new Candidates($unit->settler))->live(new Occasion($unit->conditions()), null, $scene, $scene) as $candidate) {
        $risks[$candidate->test->key()] = $candidate->risk;
    }
    expect($risks['vac CC.L1 CC.L2'])->toBe(1.5)->and($risks['vac HP.1 HP.2'])->toBe(1.0);
});

it('expects of a healthy unit what the meter reads on it, whatever the function', function (MeterFunction $function, bool $dead): void {
    $unit = Unit::cooling();
    $conditions = $dead ? $unit->off()->lifting(['w11', 'w12']) : $unit->conditions();
    [$red, $black] = $function === MeterFunction::Capacitance ? ['CAP.C', 'CAP.HERM'] : ['CC.A', 'CC.B'];
    $read = $unit->read($function, $red, $black, $unit->settle($conditions));
    expect($unit->investigation()->expected($function, $red, $black, $conditions))->toEqual($read)->and($read->valid)->toBeTrue();
})->with([
    [MeterFunction::VoltsAc, false], [MeterFunction::VoltsAcLowZ, false], [MeterFunction::VoltsDc, false],
    [MeterFunction::Ohms, true], [MeterFunction::Continuity, true], [MeterFunction::Megohms, true], [MeterFunction::Capacitance, true],
]);

it('expects nothing where the function must not be used, and knows that a clamp goes round wires', function (): void {
    $unit = Unit::cooling();
    expect($unit->investigation()->expected(MeterFunction::Ohms, 'CC.A', 'CC.B', $unit->conditions())->valid)->toBeFalse()
        ->and(fn () => $unit->investigation()->expected(MeterFunction::Amps, 'CC.A', 'CC.B', $unit->conditions()))->toThrow(
            WrongInstrument::class,
        );
});

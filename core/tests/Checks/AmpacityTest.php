<?php

declare(strict_types=1);

use Levin\Core\Checks\Ampacity;
use Levin\Core\Checks\BranchCircuit;
use Levin\Core\Checks\BranchCircuits;
use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;
use Levin\Core\Tests\Support\Unit;

// Conductors and the fuse or breaker before them, by the loads.

/** @param  array{DemandOf, float}  ...$loads */
function rated(array ...$loads): Ampacity
{
    return new Ampacity(array_map(fn (array $load): Demand => new Demand($load[0], $load[1], ['1', '2']), array_values($loads)), 1.0);
}

/** @return array<string, BranchCircuit> by device */
function branches(Unit $unit): array
{
    return array_column(BranchCircuits::of($unit->model()), null, 'device');
}

it('sizes for a compressor and a fan: 1.25 times the larger and the other; 2.25 times and the other, the next size down (NEC 440.33, '
    .'440.22(B); from memory)', function (float $compressor, float $fan, float $ampacity, int $device): void {
        $rated = rated([DemandOf::Compressor, $compressor], [DemandOf::Motor, $fan]);
        expect($rated->minimum())->toEqualWithDelta($ampacity, 0.01)->and($rated->maximum())->toBe($device)
            ->and($rated->rule())->toBe('NEC 440.22');
    })->with([
        // ampacity and largest device as such door labels are printed
        'two and a half tons' => [14.1, 1.1, 18.73, 30],
        'three tons' => [16.7, 1.2, 22.08, 35],
        'four tons' => [21.8, 1.4, 28.65, 50],
        'five tons' => [26.4, 1.7, 34.7, 60],
    ]);

it('never asks for less than fifteen amperes, nor for the rule of compressors where there is none', function (): void {
    expect(rated([DemandOf::Compressor, 5.0])->maximum())->toBe(15)
        ->and(rated([DemandOf::Motor, 7.2])->rule())->toBe('NEC 430.52')
        ->and(rated([DemandOf::Other, 0.5])->isOnlyControl())->toBeTrue();
});

it('sizes a feeder for three motors as the code works it out: 40, 40 and 34 A need 124 A (NEC annex D, example D8; from memory)', function (
): void {
    expect(rated([DemandOf::Motor, 34], [DemandOf::Motor, 40], [DemandOf::Motor, 40])->minimum())->toEqualWithDelta(124, 1e-9);
});

it('takes electric heat and its blower at 125 %, the next size up (NEC 424.4(B), from memory): 60 A for 10 kW', function (): void {
    $rated = rated([DemandOf::Heat, 10000 / 240], [DemandOf::Motor, 2.5]);
    expect($rated->minimum())->toEqualWithDelta(1.25 * (41.67 + 2.5), 0.01)->and($rated->maximum())->toBe(60)
        ->and($rated->rule())->toBe('NEC 424.4(B)');
});

it('ships no unit that is over-fused', function (string $id, array $largest): void {
    $branches = branches(Unit::shipped($id));
    foreach ($largest as $device => $amps) {
        expect($branches[$device]->maximumDevice)->toBe($amps, $device);
    }
    foreach ($branches as $branch) {
        expect($branch->isOverfused())->toBeFalse("$id: $branch->device")
            ->and($branch->fitted)->toBeGreaterThanOrEqual($branch->minimumAmpacity, "$id: $branch->device");
    }
})->with([
    ['split-cooling', ['FU1' => 30, 'CB1' => 30]],
    ['heat-pump', ['CB1' => 35]],
    ['freezer-pump-down', ['CB1' => 20]],
    ['two-circuit-fan-cycling', ['CB1' => 30]],
    ['rooftop-460', ['CB1' => 35, 'DISC' => 35]],
    // 2.25 × 9.7 + 7.8 + 4.8 + 5 × 1.3 + the transformer's 0.2 = 41.1 A
    ['rooftop-460-lockout', ['CB1' => 40, 'DISC' => 40]],
    ['air-handler-electric', []],
    ['gas-furnace', []],
]);

it('follows a feed through contactors and disconnects to the loads behind it, and no further', function (): void {
    $branches = branches(Unit::cooling());
    expect($branches['FU1']->loads)->toEqualCanonicalizing(['COMP', 'OFM', 'CCH'])
        ->and($branches['CB2']->loads)->toContain('IBM')->not->toContain('COMP');
});

it('says that a fuse is too large for its unit, and too small to carry it', function (float $amps, bool $over): void {
    $circuit = Unit::cooling()->model()->circuit;
    $fitted = branches(Unit::of($circuit->fitting($circuit->part('FU1')->withPlate(['amps' => $amps]))))['FU1'];
    expect($fitted->isOverfused())->toBe($over)->and($fitted->fitted)->toBe($amps);
})->with([[25.0, false], [30.0, false], [35.0, true], [40.0, true]]);

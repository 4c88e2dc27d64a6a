<?php

declare(strict_types=1);

use Levin\Core\Ladder\DrawnState;
use Levin\Core\Operation\Energy;
use Levin\Core\Tests\Support\Unit;

it('takes 24 V for live: it works relays, and a dead-looking leg is not dead', function (): void {
    $energy = Energy::ofPoints(Unit::cooling()->with());
    expect($energy['TST.R'])->toBe(Energy::Live)->and($energy['CC.A'])->toBe(Energy::Live)->and($energy['CC.B'])->toBe(Energy::Common);
});

it('takes a volt or so for dead, and more than two volts not', function (): void {
    // the same winding on a supply turned down to a few volts: 2 V is where a careful meter still shows something real
    $at = function (float $percent): Energy {
        $circuit = Unit::cooling()->model()->circuit;
        $low = $circuit->fitting($circuit->part('SUP')->withPlate(['l1_percent' => $percent, 'l2_percent' => $percent]));

        return Energy::ofPoints(Unit::of($low)->with())['CB1.L1'];
    };
    expect($at(1.0))->toBe(Energy::Dead)->and($at(4.0))->toBe(Energy::Live)->and($at(30.0))->toBe(Energy::Live);
});

it('tells a leg that is back-fed from one that is fed', function (): void {
    // with a line fuse gone the leg behind it still reads through winding and heater (common practice, no published source)
    $energy = Energy::ofPoints(Unit::cooling()->with('FU2:blown'));
    expect($energy['FU2.1'])->toBe(Energy::Live)->and($energy['FU2.2'])->toBe(Energy::BackFed);
});

it('tells a wire that only hangs beside live ones from one that is back-fed', function (): void {
    // fifteen metres of yellow beside red in one cable, open at both ends: a meter of ten megohms reads it
    // (common practice, no published source)
    $unit = Unit::cooling();
    $open = $unit->settle($unit->conditions(['call_cool' => false]), ['w22:open']);
    expect(Energy::ofPoints($open)['LV.Y'])->toBe(Energy::Ghost)->and($open->at('LV.Y')->abs())->toBeGreaterThan(2.0)
        // the contactor's coil holds what is behind it down
        ->and(Energy::ofPoints($open)['LP.2'])->toBe(Energy::Dead);
});

it('takes the worse of two', function (Energy $a, Energy $b, Energy $worse): void {
    expect($a->orWorse($b))->toBe($worse)->and($b->orWorse($a))->toBe($worse);
})->with([
    [Energy::Live, Energy::Dead, Energy::Live],
    [Energy::Live, Energy::BackFed, Energy::Live],
    [Energy::BackFed, Energy::Common, Energy::BackFed],
    [Energy::Common, Energy::Dead, Energy::Common],
    [Energy::Common, Energy::Ghost, Energy::Common],
    [Energy::Ghost, Energy::Dead, Energy::Ghost],
    [Energy::Dead, Energy::Dead, Energy::Dead],
]);

it('finds the highest volts between any two conductors that feed', function (): void {
    expect(Energy::highest(Unit::cooling()->with()))->toBeGreaterThan(235)->toBeLessThan(245)
        ->and(Energy::highest(Unit::shipped('rooftop-460')->with()))->toBeGreaterThan(440)->toBeLessThan(485);
});

it('says of the drawing what is closed, what is bridged and what a careful person assumes of a wire', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $state = function (array $conditions, string ...$faults) use ($unit): array {
        $drawn = DrawnState::of($unit->settle($unit->conditions($conditions), array_values($faults)));

        return [array_column($drawn->symbols, null, 'id'), $drawn->wires];
    };
    [$symbols, $wires] = $state([]);
    // a closed limit is bridged like any contact, whatever its shape
    expect($symbols['LIM 1 2'])->closed->toBeTrue()->across->toBe(Energy::Live);
    [$open] = $state([], 'LIM:open');
    expect($open['LIM 1 2'])->closed->toBeFalse()->across->toBe(Energy::Dead);
    // a winding is a load: never bridged
    expect($symbols['IND 1 2'])->closed->toBeFalse()->across->toBe(Energy::Dead);
    foreach ($wires as $wire) {
        expect($wire->whole)->toBeTrue();
    }
});

it('draws a broken wire for what may still be on it, and a lifted one by the end it hangs on', function (): void {
    $unit = Unit::cooling();
    $wire = fn ($settled, string $id) => array_column(DrawnState::of($settled)->wires, null, 'wire')[$id];
    $ends = $unit->model()->circuit->wire('w24');
    $healthy = $wire($unit->with(), 'w24');
    // live on one side, dead on the other: nobody knows where it is broken
    $broken = $wire($unit->with('w24:open'), 'w24');
    $lifted = $wire($unit->settle($unit->conditions()->lifting(['w24'])), 'w24');
    $energy = Energy::ofPoints($unit->settle($unit->conditions()->lifting(['w24'])));
    expect($healthy)->energy->toBe(Energy::Live)->whole->toBeTrue()
        ->and($broken)->energy->toBe(Energy::Live)->whole->toBeFalse()
        ->and($lifted)->energy->toBe($energy[$ends->to])->whole->toBeFalse();
});

it('stands with the power off as it was left: what a fault has blown stays blown', function (): void {
    // a shorted coil blows the control fuse; with the power off the fuse is as blown as before
    $unit = Unit::cooling();
    $faults = $unit->model()->faults->parseAll(['CC:coil-shorted']);
    $off = $unit->settler->standing($unit->off(), $faults);
    expect($off->conducts('FU3', 'FU3.1', 'FU3.2'))->toBeFalse()
        ->and($unit->settler->standing($unit->off(), Levin\Core\Parts\Faults::none())->conducts('FU3', 'FU3.1', 'FU3.2'))->toBeTrue();
});

it('stands the same for the drawing and for the diagnosis', function (string $fault): void {
    $unit = Unit::cooling();
    $predictor = $unit->investigation()->predictor();
    $suspect = array_search($fault, array_map(fn ($f): string => $f->ids()[0] ?? '', $predictor->variants), true);
    foreach ([$unit->conditions(), $unit->off(), $unit->off()->lifting(['w24'])] as $conditions) {
        $standing = $unit->settler->standing($conditions, $unit->model()->faults->parseAll([$fault]));
        expect($predictor->settled((int) $suspect, $conditions)->states)->toBe($standing->states);
    }
})->with(['CC:coil-shorted', 'COMP:grounded', 'T1:secondary-shorted', 'HP:open']);

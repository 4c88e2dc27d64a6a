<?php

declare(strict_types=1);

use Levin\Core\Ladder\DrawnState;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\SymbolState;
use Levin\Core\Ladder\WireState;
use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\Unit;

// What is live on the drawing is what is live on the unit: it is what keeps a hand off it. What joins what: common practice.

/** How the symbol of a part stands that lies between two of its terminals. */
function symbol(Settled $settled, string $part, string $left, string $right): SymbolState
{
    foreach (DrawnState::of($settled)->symbols as $symbol) {
        if (in_array($symbol->id, ["$part $left $right", "$part $right $left"], true)) {
            return $symbol;
        }
    }
    throw new LogicException("$part has no symbol between $left and $right.");
}

/** @return array<string, WireState> */
function wires(Settled $settled): array
{
    return array_column(DrawnState::of($settled)->wires, null, 'wire');
}

it('has nothing live behind what cuts the power off, and all of the supply before it', function (string $id): void {
    $unit = Unit::shipped($id);
    $off = wires($unit->settle($unit->off()));
    $live = array_filter($off, static fn (WireState $w): bool => $w->energy === Energy::Live);
    foreach (array_keys($live) as $wire) {
        $ends = $unit->model()->circuit->wire((string) $wire);
        expect(array_filter([$ends->from, $ends->to], static fn (string $p): bool => str_starts_with($p, 'SUP.')))->not->toBe(
            [],
            "$wire is live with everything off, and is no wire of the supply",
        );
    }
})->with(['split-cooling', 'gas-furnace', 'air-handler-electric', 'rooftop-460']);

it('says of every wire the worse of what its ends are', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('HP:open');
    $energy = Energy::ofPoints($settled);
    foreach ($unit->model()->circuit->wires as $id => $wire) {
        expect(wires($settled)[$id]->energy)->toBe($energy[$wire->from]->orWorse($energy[$wire->to]));
    }
});

it('draws an open switch open, with nothing between its leads', function (): void {
    $unit = Unit::cooling();
    $open = symbol($unit->with('HP:open'), 'HP', '1', '2');
    $closed = symbol($unit->with(), 'HP', '1', '2');
    expect($open->closed)->toBeFalse()->and($open->across)->toBe(Energy::Dead)
        ->and($closed->closed)->toBeTrue()->and($closed->across)->toBe(Energy::Live);
});

it('draws a contactor as it stands, and what is seen of the motor behind it', function (): void {
    $unit = Unit::cooling();
    [$on, $off] = [$unit->with(), $unit->settle($unit->conditions(['call_cool' => false]))];
    expect(symbol($on, 'CC', 'L1', 'T1')->closed)->toBeTrue()->and(symbol($off, 'CC', 'L1', 'T1')->closed)->toBeFalse()
        ->and(symbol($on, 'CC', 'L1', 'T1')->seen)->toBe('pulled in')
        ->and(symbol($on, 'COMP', 'R', 'C')->seen)->toBe('runs')->and(symbol($off, 'COMP', 'R', 'C')->seen)->toBe('silent');
});

it('draws a motor on one leg as fed back, not as dead', function (): void {
    // one pole: the other leg reaches the motor all the time, and through its winding whatever is behind the open pole
    $unit = Unit::cooling();
    $points = array_column(DrawnState::of($unit->settle($unit->conditions(['call_cool' => false])))->points, 'energy', 'point');
    $ends = [$points['COMP.R'], $points['COMP.C']];
    expect($ends)->toContain(Energy::Live)->toContain(Energy::BackFed)->and($ends)->not->toContain(Energy::Dead);
});

it('draws a wire that is lifted, or broken, as one that does not join', function (): void {
    $unit = Unit::cooling();
    expect(wires($unit->with())['w12']->whole)->toBeTrue()->and(wires($unit->with('w12:open'))['w12']->whole)->toBeFalse()
        ->and(wires($unit->settle($unit->off()->lifting(['w12'])))['w12']->whole)->toBeFalse()
        ->and(wires($unit->settle($unit->off()->lifting(['w12'])))['w10']->whole)->toBeTrue();
});

it('says something of everything that is drawn, on the whole sheet and on every rung', function (string $id): void {
    $unit = Unit::shipped($id);
    $layout = new Layout($unit->model());
    $state = DrawnState::of($unit->with());
    foreach ([$layout->whole(), ...array_column($layout->closeups(), 'drawing')] as $drawing) {
        expect(array_diff(array_column($drawing->symbols, 'id'), array_column($state->symbols, 'id')))->toBe([])
            ->and(array_diff(array_column($drawing->points, 'point'), array_column($state->points, 'point')))->toBe([])
            ->and(array_diff(array_filter(array_column($drawing->conductors, 'wire')), array_column($state->wires, 'wire')))->toBe([]);
    }
})->with(Unit::everyShipped());

<?php

declare(strict_types=1);

use Levin\Core\Ladder\DrawnState;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\SymbolState;
use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;
use Levin\Core\Tests\Support\Unit;

// What is live on the drawing is what is live on the unit: it is what keeps a hand off it. What joins what: common practice.

function drawn(Unit $unit, Settled $settled): DrawnState
{
    return DrawnState::of(Layout::of($unit->model()), $settled);
}

/** How the first symbol of a part stands that lies between two of its terminals. */
function symbol(Unit $unit, Settled $settled, string $part, string $left, string $right): SymbolState
{
    foreach (Layout::of($unit->model())->symbols as $n => $symbol) {
        if ($symbol->part === $part && array_diff([$symbol->left, $symbol->right], ["$part.$left", "$part.$right"]) === []) {
            return drawn($unit, $settled)->symbols[$n];
        }
    }
    throw new LogicException("$part is not drawn between $left and $right.");
}

/** @return array<string, Energy> by wire */
function wires(Unit $unit, Settled $settled): array
{
    $energy = [];
    foreach (Layout::of($unit->model())->conductors as $n => $conductor) {
        $energy += $conductor->wire === '' ? [] : [$conductor->wire => drawn($unit, $settled)->conductors[$n]->energy];
    }

    return $energy;
}

it('has nothing live behind what cuts the power off, and all of the supply before it', function (string $id): void {
    $unit = Unit::shipped($id);
    $off = wires($unit, $unit->settle($unit->off()));
    $live = array_filter($off, static fn (Energy $e): bool => $e === Energy::Live);
    foreach (array_keys($live) as $wire) {
        $ends = $unit->model()->circuit->wire((string) $wire);
        expect(array_filter([$ends->from, $ends->to], static fn (string $p): bool => str_starts_with($p, 'SUP.')))->not->toBe(
            [],
            "$wire is live with everything off, and is no wire of the supply",
        );
    }
})->with(['split-cooling', 'gas-furnace', 'air-handler-electric', 'rooftop-460']);

it('says of every conductor the worse of what its ends are', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('HP:open');
    $energy = Energy::ofPoints($settled);
    foreach (Layout::of($unit->model())->conductors as $n => $conductor) {
        expect(drawn($unit, $settled)->conductors[$n]->energy)->toBe($energy[$conductor->from]->orWorse($energy[$conductor->to]));
    }
});

it('draws an open switch open, with a live lead on one side only', function (): void {
    $unit = Unit::cooling();
    $open = symbol($unit, $unit->with('HP:open'), 'HP', '1', '2');
    $closed = symbol($unit, $unit->with(), 'HP', '1', '2');
    expect($open->closed)->toBeFalse()->and($open->across)->toBe(Energy::Dead)->and($open->left)->not->toBe($open->right)
        ->and($closed->closed)->toBeTrue()->and($closed->across)->toBe($closed->left)->and($closed->left)->toBe(Energy::Live);
});

it('draws a contactor as it stands, and what is seen of the motor behind it', function (): void {
    $unit = Unit::cooling();
    [$on, $off] = [$unit->with(), $unit->settle($unit->conditions(['call_cool' => false]))];
    expect(symbol($unit, $on, 'CC', 'L1', 'T1')->closed)->toBeTrue()->and(symbol($unit, $off, 'CC', 'L1', 'T1')->closed)->toBeFalse()
        ->and(symbol($unit, $on, 'CC', 'L1', 'T1')->seen)->toBe('pulled in')
        ->and(symbol($unit, $on, 'COMP', 'R', 'C')->seen)->toBe('runs')->and(symbol($unit, $off, 'COMP', 'R', 'C')->seen)->toBe('silent');
});

it('draws a motor on one leg as fed back, not as dead', function (): void {
    // one pole: the other leg reaches the motor all the time, and through its winding whatever is behind the open pole
    $unit = Unit::cooling();
    $off = $unit->settle($unit->conditions(['call_cool' => false]));
    $compressor = symbol($unit, $off, 'COMP', 'R', 'C');
    $ends = [$compressor->left, $compressor->right];
    expect($ends)->toContain(Energy::Live)->toContain(Energy::BackFed)->and($ends)->not->toContain(Energy::Dead);
});

it('draws a wire that is lifted, or broken, as one that does not join', function (): void {
    $unit = Unit::cooling();
    $whole = function (Settled $settled) use ($unit): array {
        $whole = [];
        foreach (Layout::of($unit->model())->conductors as $n => $conductor) {
            $whole[$conductor->wire] = drawn($unit, $settled)->conductors[$n]->whole;
        }

        return $whole;
    };
    expect($whole($unit->with())['w12'])->toBeTrue()->and($whole($unit->with('w12:open'))['w12'])->toBeFalse()
        ->and($whole($unit->settle($unit->off()->lifting(['w12'])))['w12'])->toBeFalse()
        ->and($whole($unit->settle($unit->off()->lifting(['w12'])))['w10'])->toBeTrue();
});

it('says something of every point, symbol and conductor that is drawn', function (string $id): void {
    $unit = Unit::shipped($id);
    $layout = Layout::of($unit->model());
    $state = drawn($unit, $unit->with());
    expect(array_column($state->symbols, 'id'))->toBe(array_column($layout->symbols, 'id'))
        ->and(array_column($state->conductors, 'id'))->toBe(array_column($layout->conductors, 'id'))
        ->and(array_diff(array_column($layout->points, 'point'), array_column($state->points, 'point')))->toBe([]);
})->with(Unit::everyShipped());

<?php

declare(strict_types=1);

use Levin\Core\Circuit\Conditions;
use Levin\Core\Operation\Course;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Operation\Trail;
use Levin\Core\Parts\Faults;
use Levin\Core\Tests\Support\Unit;

// A unit with a fault is worked out from where the fault first matters; it must come out as it does from the beginning.

/** Worked out from when power comes on, whatever is known of the healthy unit. */
function fromTheBeginning(Unit $unit, Conditions $conditions, Faults $faults): Settled
{
    $course = Course::begun($unit->model(), $unit->settler->networks, $conditions, $faults);
    $course->waitForTimers(600.0);

    return $course->settled();
}

/** @return array<string, string> states with slips left out: they are kept while they are within two in a hundred */
function withoutSlips(Settled $settled): array
{
    return array_map(static fn (string $s): string => (string) preg_replace('/^running [\d.]+/', 'running', $s), $settled->states);
}

it('comes out as from the beginning, with any fault', function (string $id): void {
    $unit = Unit::shipped($id);
    foreach ([$unit->conditions(), $unit->off()] as $conditions) {
        foreach (array_keys($unit->model()->faults->all) as $n => $fault) {
            if ($n % 3 !== 0) {
                continue;
            }
            $faults = $unit->model()->faults->parseAll([$fault]);
            [$whole, $short] = [fromTheBeginning($unit, $conditions, $faults), $unit->settler->settle($conditions, $faults)];
            expect(withoutSlips($short))->toBe(withoutSlips($whole), $fault)->and($short->chattering)->toBe($whole->chattering);
            foreach ($whole->re as $node => $re) {
                $apart = hypot($re - $short->re[$node], $whole->im[$node] - $short->im[$node]);
                expect($apart)->toBeLessThan(0.5 + 0.005 * hypot($re, $whole->im[$node]), $fault);
            }
        }
    }
})->with(Unit::everyShipped());

it('cools down as from the beginning, whatever it was left as, with any fault', function (string $id, string $leaves): void {
    // with the power off a trail is mostly gone all of the way: what is charged has its path, what has opened closes again
    $unit = Unit::shipped($id);
    $off = $unit->off();
    $left = $unit->settler->statesWhenDead($unit->with($leaves)->states);
    $storyteller = $unit->settler->storyteller();
    foreach (array_keys($unit->model()->faults->all) as $n => $fault) {
        if ($n % 4 !== 0) {
            continue;
        }
        $faults = $unit->model()->faults->parseAll([$fault]);
        $course = Course::begun($unit->model(), $unit->settler->networks, $off, $faults, $left);
        while ($course->time() < Storyteller::COOLS && $course->goOn(Storyteller::COOLS)) {
            continue;
        }
        expect($storyteller->cooled($off, $faults, $left))->toBe($course->states(), "$fault after $leaves");
    }
})->with([
    'capacitors of an air conditioner' => ['split-cooling', 'HP:open'],
    'an overload that has opened' => ['split-cooling', 'CAP:fan-open'],
    'a furnace in lockout' => ['gas-furnace', 'HSI:cracked'],
    'a freezer with a start capacitor' => ['freezer-pump-down', 'COMP:seized'],
]);

it('parts where the fault first matters, and at the end when it never does', function (): void {
    $unit = Unit::cooling();
    $trail = new Trail($unit->model(), $unit->settler->networks);
    Course::begun($unit->model(), $unit->settler->networks, $unit->conditions(), Faults::none(), trail: $trail)->waitForTimers(600.0);
    $at = fn (string ...$faults): ?float => $trail->parting($unit->model()->faults->parseAll(array_values($faults)))?->time;
    // the compressor is up at a quarter of a second: a drag on it matters no earlier
    expect($at('SUP:l1-lost'))->toBe(0.0)->and($at('COMP:dragging'))->toBeGreaterThan(0.2)
        ->and($at('COMP:dragging'))->toBeLessThan($at('HP:stuck-closed'))
        ->and($at('COMP:dragging', 'SUP:l1-lost'))->toBe(0.0);
});

it('tells nothing of a unit that goes round by itself', function (): void {
    $unit = Unit::shipped('freezer-pump-down');
    $trail = new Trail($unit->model(), $unit->settler->networks);
    $round = $unit->model()->faults->parseAll(['w1:loose=25']);
    Course::begun($unit->model(), $unit->settler->networks, $unit->conditions(), $round, trail: $trail)->waitForTimers(600.0);
    expect($trail->parting($unit->model()->faults->parseAll(['COMP:seized'])))->toBeNull();
});

<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Observation;
use Levin\Core\Diagnosis\Reading;
use Levin\Core\Meter\Meter;
use Levin\Core\Tests\Support\Unit;

// The engine was made on one unit; it must do its work on all of them.

it('follows its own advice to a hidden fault in a unit of every family', function (string $id, string $fault): void {
    $unit = Unit::shipped($id);
    $investigation = $unit->investigation();
    $now = $unit->conditions();
    $hidden = $unit->with($fault);
    $evidence = [];
    $assessment = $investigation->assess($evidence, $now, false, null);
    while ($assessment->found() === null && $assessment->next !== [] && count($evidence) < 12) {
        $test = $assessment->next[0]->test;
        $there = $unit->settler->settle($test->conditions, [$fault], $test->conditions->key() === $now->key() ? [] : $hidden->states);
        if ($test->function === null) {
            $evidence[] = new Observation($test->red, $there->observed($test->red), $test->conditions);
        } else {
            $shown = (new Meter($unit->settler))->read($test->function, $test->red, $test->black, $there);
            $evidence[] = new Reading($test->function, $test->red, $test->black, $shown->overload ? null : $shown->value, $test->conditions);
        }
        $assessment = $investigation->assess($evidence, $now, false, null);
    }
    expect($assessment->found()?->faults ?? [])->toContain($fault)
        ->and(count($evidence))->toBeLessThanOrEqual(10);
})->with([
    ['gas-furnace', 'HSI:cracked'], ['gas-furnace', 'FS:dirty'], ['gas-furnace', 'PS:open'], ['gas-furnace', 'FU:blown'], ['gas-furnace', 'IFC:inducer-open'], ['gas-furnace', 'w26:open'],
    ['heat-pump', 'DB:compressor-open'], ['heat-pump', 'CAP:fan-open'], ['heat-pump', 'BR:contact-burnt'],
    ['air-handler-electric', 'IBM:module-dead'], ['air-handler-electric', 'LNK1:tripped'], ['air-handler-electric', 'SEQ:heater-open'],
    ['freezer-pump-down', 'DT:f-burnt'], ['freezer-pump-down', 'HPC:open'],
    ['two-circuit-fan-cycling', 'FC:coil-open'], ['two-circuit-fan-cycling', 'CC2:coil-open'],
    ['rooftop-460', 'DISC:fuse2-blown'],
]);

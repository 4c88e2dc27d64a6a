<?php

declare(strict_types=1);

use Levin\Core\Operation\Settled;
use Levin\Core\Parts\Motors\Capacitors;
use Levin\Core\Parts\Motors\Motor;
use Levin\Core\Parts\Motors\StartCapacitor;
use Levin\Core\Parts\Motors\Wheel;
use Levin\Core\Tests\Support\Unit;

// Nothing that stands anywhere may be impossible: every fault of every shipped circuit, and the end of every call.

/** @return list<string> motors that are seen to turn */
function turning(Settled $settled): array
{
    return array_values(array_filter(
        array_keys($settled->model->parts),
        fn (string $id): bool => $settled->model->parts[$id] instanceof Motor
            && in_array($settled->observed($id), ['runs', 'runs backwards', Wheel::WITHOUT], true),
    ));
}

/** The highest voltage between two terminals of a part that takes its power by them. */
function voltsOver(Settled $settled, string $id): float
{
    $motor = $settled->model->parts[$id];
    $ends = $motor instanceof Motor ? $motor->demand()->terminals : [];
    $most = 0.0;
    foreach ($ends as $a) {
        foreach ($ends as $b) {
            $most = max($most, $settled->between("$id.$a", "$id.$b")->abs());
        }
    }

    return $most;
}

it('has no motor turn on a twentieth of its volts, no number that is none and no rotor that jumps, whatever has failed', function (
    string $id,
): void {
    $unit = Unit::shipped($id);
    [$idle, $wild, $jumpy] = [[], [], []];
    foreach (array_keys($unit->model()->faults->all) as $fault) {
        $settled = $unit->with($fault);
        foreach (turning($settled) as $motor) {
            $rated = $settled->model->circuit->part($motor)->number('volts');
            if (voltsOver($settled, $motor) < $rated / 20) {
                $idle[] = "$fault: $motor";
            }
        }
        foreach ([...$settled->re, ...$settled->im] as $volts) {
            if (! is_finite($volts)) {
                $wild[] = $fault;
            }
        }
        foreach ($settled->chattering as $part) {
            if ($settled->model->parts[$part] instanceof Motor && $settled->chatterPeriod < 0.3) {
                $jumpy[] = "$fault: $part";
            }
        }
    }
    expect($idle)->toBe([])->and($wild)->toBe([])->and($jumpy)->toBe([]);
})->with(Unit::everyShipped());

it('stands still some minutes after every call, blown off or not, but for what the unit runs by itself', function (
    string $id,
    string $start,
    array $byItself,
): void {
    $unit = Unit::shipped($id);
    $calls = array_filter(array_keys($unit->model()->circuit->conditions), fn (string $name): bool => str_starts_with($name, 'call_'));
    $off = implode(', ', array_map(fn (string $name): string => "$name: off", $calls));
    $run = $unit->run("until: 25 min\nstart: { $start }\nevents: [{ at: 10 min, set: { $off } }]\n");
    expect(array_diff(turning($run->end), $byItself))->toBe([]);
})->with([
    'cooling' => ['split-cooling', '', []],
    'electric heat' => ['air-handler-electric', '', []],
    'gas heat' => ['gas-furnace', '', []],
    'heat pump, heating' => ['heat-pump', 'call_auxiliary: on', []],
    'heat pump, cooling' => ['heat-pump', 'call_cooling: on', []],
    'rooftop, cooling' => ['rooftop-460', '', []],
    'rooftop, heating' => ['rooftop-460', 'call_cool_1: off, call_cool_2: off, call_heat_1: on, call_heat_2: on', []],
    'rooftop with lockout' => ['rooftop-460-lockout', '', []],
    'two circuits' => ['two-circuit-fan-cycling', '', []],
]);

it('moves every motor through its start as long as a rotor takes', function (string $id): void {
    $unit = Unit::shipped($id);
    $since = $starts = [];              // those that start as power comes on have no earlier moment
    foreach ($unit->run('until: 20 min')->happenings as $happening) {
        foreach ($happening->moved as $part => $moved) {
            if ($moved['to'] === 'starts') {
                $since[$part] = $happening->at;
            } elseif ($moved['from'] === 'starts') {
                $starts[$part] = $happening->at - ($since[$part] ?? 0.0);
            }
        }
    }
    // a compressor on its start gear is up in a tenth of a second, a belt blower takes ten (common practice, no published source)
    expect(min($starts))->toBeGreaterThan(0.08)->and(max($starts))->toBeLessThan(15);
})->with(array_diff(Unit::everyShipped(), ['air-handler-electric', 'air-handler-variable'])); // whose only motor is electronic

it('keeps every run capacitor of a healthy unit within 1.1 of its mark (IEC 60252-1, from memory)', function (string $id): void {
    $unit = Unit::shipped($id);
    $healthy = $unit->with();
    $checked = 0;
    foreach ($unit->model()->parts as $part => $kind) {
        if ($kind instanceof Capacitors && ! $kind instanceof StartCapacitor) {
            foreach ($kind->capacitorPairs() as [$a, $b]) {
                expect($healthy->between("$part.$a", "$part.$b")->abs())->toBeLessThan(1.1 * $kind->part->number('volts'), "$part");
                $checked++;
            }
        }
    }
    expect($checked)->toBeGreaterThan(0);
})->with(['split-cooling', 'heat-pump', 'freezer-pump-down', 'gas-furnace', 'rooftop-460', 'rooftop-460-lockout']);

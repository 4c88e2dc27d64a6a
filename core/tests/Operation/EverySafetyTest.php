<?php

declare(strict_types=1);

use Levin\Core\Circuit\Condition;
use Levin\Core\Operation\Settled;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Switches\SensingSwitch;
use Levin\Core\Tests\Support\Unit;

// Every switch of every shipped circuit that senses something, and that the unit goes through while it works: what it is there to stop
// stops when it opens. Common practice, no published source.

/** @return list<string> parts that are seen to do their work */
function working(Settled $settled): array
{
    $does = static fn (Kind $kind): bool => preg_match(
        '/^(runs|hot|open|glows|sparks|pulled in|loaded|pilot only|shifted)/',
        $settled->observed($kind->part->id),
    ) === 1;

    return array_keys(array_filter($settled->model->parts, $does));
}

/** @return list<array<string, bool>> as it is, and each one or two of its calls by themselves */
function callsOf(Unit $unit): array
{
    $calls = array_keys(array_filter($unit->model()->circuit->conditions, static fn (Condition $c): bool => $c->call));
    $off = array_fill_keys($calls, false);
    $all = [[]];
    foreach ($calls as $n => $one) {
        foreach (array_slice($calls, 0, $n + 1) as $other) {
            $all[] = [...$off, $one => true, $other => true];
        }
    }

    return $all;
}

/** Those that start or end a defrost, or work in one only, and the one that unloads: in RunTest and FamiliesInOrderTest. */
const OPEN_AT_WORK = [
    'cooler-575-digital' => ['NT'],
    'freezer-pump-down' => ['DTX', 'HL'],
    'heat-pump' => ['DFT'],
    'heat-pump-no-heat' => ['DFT'],
    'reverse-cycle-230' => ['DIT'],
    'reverse-cycle-400' => ['DIT'],
];

it('stops what it is there to stop', function (string $id): void {
    $unit = Unit::shipped($id);
    $open = array_filter($unit->model()->parts, static fn (Kind $k): bool => $k instanceof SensingSwitch);
    $idle = array_fill_keys(array_keys($open), true);
    foreach (callsOf($unit) as $call) {
        $set = implode(', ', array_map(static fn (string $n, bool $on): string => "$n: ".($on ? 'on' : 'off'), array_keys($call), $call));
        $script = "until: 12 min\nstart: { $set }\n";
        $healthy = working($unit->run($script)->end);
        foreach (array_keys(array_intersect_key($open, $idle)) as $part) {
            $run = $unit->run($script."events: [{ at: 8 min, fault: ['$part:open'] }]\n");
            if (array_diff($healthy, working($run->end)) !== []) {
                unset($idle[$part]);
            }
        }
    }
    expect(array_keys($idle))->toBe(OPEN_AT_WORK[$id] ?? []);
})->with(Unit::everyShipped());

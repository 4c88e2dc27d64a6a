<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Leaning;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Ending;

// Where careful people differ in how they test. Common practice, no published source.

function leaning(Habit $habit, string $choice): Leaning
{
    return new Leaning(new Habits([$habit->value => $choice]));
}

it('weighs what a shop would rather not do first, and nothing else', function (Leaning $leaning, array $factors): void {
    $unit = Unit::cooling();
    $model = $unit->model();
    [$on, $off] = [new Occasion($unit->conditions()), new Occasion(Conditions::poweredDown($model->circuit, $unit->conditions()))];
    $volts = fn (string $red, string $black): Probe => new Probe(MeterFunction::VoltsAc, $red, $black);
    $tests = [
        'eyes' => [new Look('CC'), $on],
        'across a switch' => [$volts('HP.1', 'HP.2'), $on],
        'each side to common' => [$volts('HP.1', 'T1.X2'), $on],
        'a source' => [$volts('T1.X1', 'T1.X2'), $on],
        'ohms' => [new Probe(MeterFunction::Ohms, 'HP.1', 'HP.2'), $off],
    ];
    $found = array_map(fn (array $t): float => $leaning->factor(new Candidate($t[0], $t[1], [], 1.0, 1.0), $model), $tests);
    expect(array_filter($found, fn (float $factor): bool => $factor !== 1.0))->toBe($factors);
})->with([
    'neither' => [new Leaning, []],
    'live first' => [leaning(Habit::LiveOrDead, Habit::LIVE_FIRST), ['ohms' => 2.0]],
    'dead first' => [
        leaning(Habit::LiveOrDead, Habit::DEAD_FIRST),
        ['across a switch' => 2.0, 'each side to common' => 2.0, 'a source' => 2.0],
    ],
    'across each part' => [leaning(Habit::SeriesString, Habit::ACROSS), ['each side to common' => 1.5]],
    'each side to common' => [leaning(Habit::SeriesString, Habit::TO_COMMON), ['across a switch' => 1.5]],
]);

/** Of each of the tests offered first, whether it is made across one part. */
function offered(Leaning $leaning): array
{
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $seen = [Learned::seen('CC', 'dropped out', $now), Learned::seen('IBM', 'runs', $now)];
    $next = $unit->investigation()->assess($seen, new Standpoint($now, place: 'outdoor', leaning: $leaning))->next;
    $probes = array_filter($next, fn (Advice $a): bool => $a->candidate->test instanceof Probe);
    $partOf = fn (string $point): string => explode('.', $point)[0];

    return array_values(array_map(
        fn (Advice $a): bool => $partOf($a->candidate->test->act()->at) === $partOf($a->candidate->test->act()->black),
        $probes,
    ));
}

it('offers a string in series first as the shop reads it', function (): void {
    $across = offered(leaning(Habit::SeriesString, Habit::ACROSS));
    $toCommon = offered(leaning(Habit::SeriesString, Habit::TO_COMMON));
    expect(array_sum($across))->toBeGreaterThan(array_sum($toCommon))->and($toCommon[0])->toBeFalse();
});

it('finds what it is whichever way is gone', function (Leaning $leaning, string $fault): void {
    $end = Unit::cooling()->tried($fault, leaning: $leaning);
    expect($end->ending)->toBe(Ending::Right, "$end->said after $end->tests tests")->and($end->unsafe)->toBe([]);
})->with([
    [leaning(Habit::LiveOrDead, Habit::LIVE_FIRST)],
    [leaning(Habit::LiveOrDead, Habit::DEAD_FIRST)],
    [leaning(Habit::SeriesString, Habit::ACROSS)],
    [leaning(Habit::SeriesString, Habit::TO_COMMON)],
])->with(['HP:open', 'CC:coil-open', 'CAP:herm-weak', 'T1:secondary-open', 'OFM:seized']);

<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Ranked;
use Levin\Core\Diagnosis\Result;
use Levin\Core\Diagnosis\Telling;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

// What a result would mean, as a technician says it. Common practice, no published source.

it('says a result with its likelihood in a word, and the parts that it would be', function (array $parts, float $p, string $said): void {
    expect((new Result(26.67, '26.67 V', '26.7 V', [], $parts, $p, false))->means())->toBe($said);
})->with([
    [['HP'], 0.97, '26.7 V (almost certain): HP.'],
    [['HP', 'LP'], 0.6, '26.7 V (likely): HP or LP.'],
    [['HP', 'LP', 'CC'], 0.2, '26.7 V (possible): HP, LP or CC.'],
    [['HP', 'LP', 'CC', 'TST'], 0.01, '26.7 V (unlikely): HP, LP or one of 2 more.'],
    [[], 0.5, '26.7 V (likely): nothing wrong.'],
]);

it('says no digits that do not matter', function (MeterFunction $function, float $value, string $said): void {
    expect(Display::said($function, $value))->toBe($said);
})->with([
    [MeterFunction::VoltsAc, 0.002, 'about 0 V'], [MeterFunction::VoltsAcLowZ, 26.67, '26.7 V'],
    [MeterFunction::VoltsAc, 239.7, '240 V'],
    [MeterFunction::Ohms, 0.02, 'about 0 Ω'], [MeterFunction::Ohms, 12.04, '12.0 Ω'], [MeterFunction::Amps, 0.01, 'about 0 A'],
    [MeterFunction::MicroampsDc, 3.5e-6, '3.5 µA'],
    [MeterFunction::Capacitance, 4.9e-6, Display::format(MeterFunction::Capacitance, 4.9e-6)],
]);

it('groups what each result would mean by part, and knows which is as on a healthy unit', function (): void {
    $unit = Unit::cooling();
    $predictor = $unit->investigation()->predictor();
    $number = static fn (string $fault): int => (int) array_search($unit->model()->faults->parseAll([$fault]), $predictor->variants, false);
    [$open, $tripped, $coil] = array_map($number, ['HP:open', 'HP:tripped', 'CC:coil-open']);
    $probe = new Candidate(new Probe(MeterFunction::VoltsAc, 'HP.1', 'HP.2'), new Occasion($unit->conditions()), [], 1.0, 1.0);
    $ranked = Ranked::of($probe, 0.0, 1.0, [[$open, $tripped], [$coil]]);
    $advice = (new Telling($predictor, [$open => 0.3, $tripped => 0.5, $coil => 0.2]))->of($ranked, $probe);
    expect(array_map(static fn (Result $r): array => [$r->said, $r->wrong, $r->isAsHealthy], $advice->outcomes))->toBe([
        ['26.7 V', ['High-pressure switch'], false], ['about 0 V', ['Contactor'], true],
    ])->and($advice->outcomes[0]->probability)->toEqualWithDelta(0.8, 1e-9)
        ->and($advice->outcomes[0]->suspects[0])->toContain('did its job')
        ->and($advice->why)->toBe(
            '26.7 V (likely): High-pressure switch. About 0 V (possible, as healthy): Contactor. A healthy unit shows about 0 V.',
        );
});

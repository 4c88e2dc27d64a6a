<?php

declare(strict_types=1);

use Levin\Core\Operation\Course;
use Levin\Core\Operation\Story;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Operation\Stretch;
use Levin\Core\Tests\Support\Unit;

/** @return list<array{int, int, string}> from, until and posture of each stretch that lasts, worked out from the beginning */
function lived(Unit $unit, string $fault, float $until): array
{
    $course = Course::begun(
        $unit->model(),
        $unit->settler->networks,
        $unit->conditions(),
        $unit->model()->faults->parseAll([$fault]),
        wears: false,
    );
    $lived = [];
    while ($course->time() < $until) {
        [$from, $states] = [$course->time(), $course->settled()->states];
        $course->goOn($until);
        if ($course->time() - $from >= Storyteller::BRIEF) {
            $lived[] = [(int) round($from), (int) round($course->time()), Stretch::postureOf($states)];
        }
    }

    return $lived;
}

/** @return list<array{int, int, string}> the same as it is told */
function told(Story $story, float $until): array
{
    $early = array_filter($story->stretches, fn (Stretch $s): bool => $s->from < $until);

    return array_values(array_map(
        fn (Stretch $s): array => [(int) round($s->from), (int) round(min($s->until, $until)), $s->posture()],
        $early,
    ));
}

it('tells what a unit goes through as it comes when worked out from the beginning', function (string $id, string $fault): void {
    $unit = Unit::shipped($id);
    $teller = new Storyteller($unit->model(), $unit->settler->networks);
    $story = $teller->tell($unit->conditions(), $unit->model()->faults->parseAll([$fault]));
    expect(told($story, 600.0))->toBe(lived($unit, $fault, 600.0));
})->with([
    ['split-cooling', 'HP:open'], ['split-cooling', 'OFM:seized'], ['split-cooling', 'CC:coil-shorted'], ['gas-furnace', 'FS:dirty'],
    ['gas-furnace', 'PS:worn=50'], ['gas-furnace', 'IND:seized'], ['heat-pump', 'CAP2:run-open'], ['freezer-pump-down', 'COMP:seized'],
    ['two-circuit-fan-cycling', 'OFM:seized'],
]);

it('tells of three tries for ignition, and then of a lockout, of a flame rod that is coated', function (): void {
    // trial for ignition, retries and lockout (ANSI Z21.20 names them, from memory; times are the circuit file's)
    $unit = Unit::shipped('gas-furnace');
    $faults = $unit->model()->faults->parseAll(['FS:dirty']);
    $story = (new Storyteller($unit->model(), $unit->settler->networks))->tell($unit->conditions(), $faults);
    $open = array_filter($story->stretches, fn (Stretch $s): bool => $s->settled->observed('GV') === 'open');
    $last = $story->stretches[count($story->stretches) - 1];
    expect(count(array_unique(array_map(fn (Stretch $s): int => (int) ($s->from / 60), $open))))->toBeGreaterThanOrEqual(3)
        ->and($last->settled->observed('IFC'))->toContain('flashes')->and($last->settled->observed('GV'))->toBe('closed')
        ->and($last->until)->toBe(Story::LONG);
});

it('goes round and is told until it has shown what it does: an overload that opens and closes', function (): void {
    $unit = Unit::cooling();
    $teller = new Storyteller($unit->model(), $unit->settler->networks);
    $stretches = $teller->tell($unit->conditions(), $unit->model()->faults->parseAll(['COMP:seized']))->stretches;
    $seen = array_unique(array_map(fn (Stretch $s): string => $s->settled->observed('COMP'), $stretches));
    expect($seen)->toContain('hums')->toContain('silent')->and(count($stretches))->toBeGreaterThan(6);
});

it('leaves what has blown blown when it is switched on again, and closes what cools', function (): void {
    $unit = Unit::cooling();
    $teller = new Storyteller($unit->model(), $unit->settler->networks);
    $shorted = $unit->model()->faults->parseAll(['CC:coil-shorted']);
    $blown = $unit->settler->statesWhenDead($unit->settler->settle($unit->conditions(), $shorted)->states);
    $again = $teller->tellAgain($unit->conditions(), $shorted, $teller->cooled($unit->off(), $shorted, $blown));
    foreach ($again->stretches as $stretch) {
        expect($stretch->settled->conducts('FU3', 'FU3.1', 'FU3.2'))->toBeFalse()
            ->and($stretch->settled->observed('CC'))->toBe('dropped out');
    }
    $seized = $unit->model()->faults->parseAll(['COMP:seized']);
    $tripped = array_filter(
        $teller->tell($unit->conditions(), $seized)->stretches,
        fn (Stretch $s): bool => $s->settled->states['COMP'] === 'tripped',
    );
    expect($tripped)->not->toBe([]);
    $states = $unit->settler->statesWhenDead(array_values($tripped)[0]->settled->states);
    expect($teller->cooled($unit->off(), $seized, $states)['COMP'])->not->toBe('tripped');
});

it('starts again with pressures come to rest: a fan that cycles on pressure waits', function (): void {
    // head pressure control by fan cycling: the fan stays off until pressure has built (common practice, no published source)
    $unit = Unit::shipped('two-circuit-fan-cycling');
    $teller = new Storyteller($unit->model(), $unit->settler->networks);
    $none = $unit->model()->faults->parseAll([]);
    $cold = $unit->conditions(['outdoor_cold' => true]);
    $again = $teller->tellAgain($cold, $none, $unit->model()->initialStates);
    $fan = array_map(fn (Stretch $s): string => $s->settled->observed('OFM'), $again->stretches);
    expect($fan)->toContain('silent')->and($again->stretches[0]->settled->conditions->number('head_pressure_1'))
        ->toBeLessThan($unit->conditions()->number('head_pressure_1'));
});

it('shows a motor as it stands longest, not as it stood while it came up to speed', function (): void {
    // with nothing to drive but its own friction an induction motor turns within a hundredth of synchronous speed (textbooks, from memory)
    $unit = Unit::shipped('rooftop-460');
    $faults = $unit->model()->faults->parseAll(['PEM:hub-loose']);
    $told = (new Storyteller($unit->model(), $unit->settler->networks))->tell($unit->conditions(), $faults)->stretches;
    $slip = (float) substr($told[count($told) - 1]->settled->states['PEM'], strlen('running'));
    expect($slip)->toBeGreaterThan(0.0)->toBeLessThan(0.01);
});

it('stays silent when it is switched on again before its overload has cooled, and starts when it has', function (): void {
    // an internal overload that has opened on a hot compressor may take an hour to close (common practice, no published source)
    $unit = Unit::cooling();
    $teller = new Storyteller($unit->model(), $unit->settler->networks);
    $none = $unit->model()->faults->parseAll([]);
    $tripped = [...$unit->model()->initialStates, 'COMP' => 'tripped'];
    $seen = fn (Story $story): array => array_unique(array_map(
        fn (Stretch $s): string => $s->settled->observed('COMP'),
        array_filter($story->stretches, fn (Stretch $s): bool => $s->from < 600.0),
    ));
    expect($seen($teller->tellAgain($unit->conditions(), $none, $tripped, ['COMP'])))->toBe(['silent'])
        ->and($seen($teller->tellAgain($unit->conditions(), $none, $teller->cooled($unit->off(), $none, $tripped))))->toContain('runs');
});

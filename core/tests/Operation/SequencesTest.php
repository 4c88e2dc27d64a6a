<?php

declare(strict_types=1);

use Levin\Core\Operation\Run;
use Levin\Core\Tests\Support\Unit;

// What a unit does in order, and what stops it, as technicians know it (common practice, no published source).

/** How often a part was first seen so after a time. */
function seenSo(Run $run, string $part, string $seen, float $after = 0.0): int
{
    return count(array_filter($run->happenings, fn ($h): bool => $h->at >= $after && ($h->moved[$part]['to'] ?? '') === $seen));
}

it('blows the heat off the elements after the call: no limit opens at the end of an ordinary one', function (): void {
    $run = Unit::shipped('air-handler-electric')->run(
        "until: 40 min\nevents: [{ at: 20 min, set: { call_heat: off, call_fan: off } }]\n",
    );
    $cold = max($run->when('HE1', 'cold', 1200) ?? INF, $run->when('HE2', 'cold', 1200) ?? INF);
    expect(seenSo($run, 'LIM1', 'open') + seenSo($run, 'LIM2', 'open'))->toBe(0)
        // the elements are off first, then the blower
        ->and($cold)->toBeLessThan(1300)
        ->and($run->when('IBM', 'still', 1200) ?? $run->when('IBM', 'silent', 1200))->toBeGreaterThan($cold);
});

it('opens a limit when the blower fails to run on', function (): void {
    $run = Unit::shipped('air-handler-electric')->run("until: 20 min\nevents: [{ at: 10 min, fault: ['IBM:module-dead'] }]\n");
    expect(seenSo($run, 'LIM1', 'open', 600) + seenSo($run, 'LIM2', 'open', 600))->toBeGreaterThan(0);
});

it('trips a heat pump in cooling on high pressure when its outdoor fan is dead, and not in heating', function (): void {
    $unit = Unit::shipped('heat-pump');
    expect(seenSo($unit->run('until: 30 min', ['OFM:seized'], ['call_cooling=on']), 'HP', 'open'))->toBeGreaterThan(1)
        ->and(seenSo($unit->run('until: 30 min', ['OFM:seized']), 'HP', 'open'))->toBe(0)
        ->and(seenSo($unit->run('until: 30 min', [], ['call_cooling=on']), 'HP', 'open'))->toBe(0);
});

it('counts the trips of a circuit and locks it out at the third, with the other circuit left on', function (): void {
    $run = Unit::shipped('rooftop-460')->run('until: 3 h', ['OFM1:seized']);
    expect(seenSo($run, 'HP1', 'open'))->toBe(3)
        ->and($run->when('UCB', 'lock_1_of_2, 2 flashes'))->not->toBeNull()
        ->and($run->end->observed('CC1'))->toBe('dropped out')->and($run->end->observed('CC2'))->toBe('pulled in')
        ->and($run->end->observed('COMP2'))->toBe('runs');
});

it('rests three minutes between a trip and the next try', function (): void {
    $run = Unit::shipped('rooftop-460')->run('until: 10 min', ['OFM1:seized']);
    $opened = $run->when('HP1', 'open') ?? NAN;
    expect(($run->when('CC1', 'pulled in', $opened) ?? NAN) - $opened)->toBeGreaterThan(175)->toBeLessThan(190);
});

it('lets the lockout go when the call is taken away', function (): void {
    $script = <<<'YAML'
        until: 70 min
        events:
          - { at: 1 h, mend: ['OFM1:seized'], set: { call_cool_1: off, call_cool_2: off } }
          - { at: 65 min, set: { call_cool_1: on, call_cool_2: on } }
        YAML;
    $run = Unit::shipped('rooftop-460')->run($script, ['OFM1:seized']);
    expect($run->end->observed('COMP1'))->toBe('runs');
});

it('does not make heat wait for the rest of the compressors', function (string $id): void {
    $script = <<<'YAML'
        until: 20 min
        events:
          - { at: 10 min, set: { call_cool_1: off, call_cool_2: off, call_heat_1: on } }
        YAML;
    $unit = Unit::shipped($id);
    $run = $unit->run($script);
    $hot = min(array_map(
        fn (int|string $part): float => $run->when((string) $part, 'hot', 600) ?? INF,
        array_keys($unit->model()->parts),
    ));
    expect($hot - 600)->toBeLessThan(60);
})->with(['rooftop-460', 'rooftop-460-lockout']);

it('restarts nothing on its compressors within three minutes of their stopping', function (string $id): void {
    $script = "until: 20 min\nevents: [{ at: 10 min, set: { call_cool_1: off, call_cool_2: off } }, "
        ."{ at: 610 s, set: { call_cool_1: on, call_cool_2: on } }]\n";
    $run = Unit::shipped($id)->run($script);
    expect(($run->when('CC1', 'pulled in', 601) ?? NAN) - 600)->toBeGreaterThan(170);
})->with(['rooftop-460', 'rooftop-460-lockout']);

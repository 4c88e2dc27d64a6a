<?php

use App\Shop\User;
use Tests\Support\Demo;

beforeEach(fn () => $this->actingAs(User::query()->where('email', 'marit@ternsound.example')->firstOrFail()));

it('tells what a furnace does after the call: draft, igniter, gas, blower, in that order', function (): void {
    // hot-surface ignition: common practice, no published source
    $call = Demo::call('East-wing furnace');
    $story = $this->getJson("/api/calls/$call->id/story")->assertOk()->json();
    $steps = array_merge(...array_column($story['frames'], 'steps'));
    $first = fn (string $part, string $does): float => array_values(array_filter(
        $steps,
        fn (array $s): bool => $s['part'] === $part && $s['does'] === $does,
    ))[0]['at'];
    expect($story['with'])->toBeNull()
        ->and($first('IND', 'runs'))->toBeLessThan($first('HSI', 'glows'))
        ->and($first('HSI', 'glows'))->toBeLessThan($first('GV', 'open'))
        ->and($first('GV', 'open'))->toBeLessThan($first('IBM', 'runs'));
    // the drawing of each frame is lit as the unit then stands
    $blower = array_map(fn (array $f): bool => array_column($f['drawn']['symbols'], 'closed', 'id')['IFC L HEAT'], $story['frames']);
    expect($blower[0])->toBeFalse()->and(end($blower))->toBeTrue();
});

it('tells it with a fault, and says which there are where there is none of that name', function (): void {
    $call = Demo::call('East-wing furnace');
    $story = $this->getJson("/api/calls/$call->id/story?fault=HSI:cracked")->assertOk()->json();
    $does = array_column(array_merge(...array_column($story['frames'], 'steps')), 'does');
    expect($story['with'])->toContain('cracked')->and($does)->not->toContain('glows')->toContain('6 flashes');
    $this->getJson("/api/calls/$call->id/story?fault=HSI:nonsense")->assertUnprocessable()->assertSee('HSI');
});

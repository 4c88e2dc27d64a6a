<?php

use App\Shop\User;
use Illuminate\Support\Str;
use Levin\Core\Checks\Bench\Habit;
use Tests\Support\Demo;

beforeEach(function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'marit@ternsound.example'));
    $this->firstChoice = function (string $check, string $entry): string {
        $checks = $this->getJson('/api/bench')->json('checks');
        $entries = collect($checks)->firstWhere('name', $check)['entries'];

        return collect($entries)->firstWhere('name', $entry)['choices'][0];
    };
});

it('begins with what is usual, and says why it is', function (): void {
    $habits = $this->getJson('/api/shop/habits')->assertOk()->json();
    expect(array_column($habits['habits'], 'habit'))->toBe(array_column(Habit::cases(), 'value'))
        ->and(array_column($habits['habits'], 'chosen', 'habit')['weak capacitor'])->toBe('±6 %')->and($habits['may_change'])->toBeTrue();
});

it('lets a lead say what the shop does, and its checks begin with that', function (): void {
    expect(($this->firstChoice)('capacitor', 'tolerance'))->toBe('±6 %');
    $this->putJson('/api/shop/habits', ['habit' => 'weak capacitor', 'choice' => 'shop: −10 %'])->assertOk()
        ->assertJsonPath('habits.4.chosen', 'shop: −10 %');
    $this->putJson('/api/shop/habits', ['habit' => 'one fuse of a set blown', 'choice' => 'replace the one that blew'])->assertOk();
    expect(($this->firstChoice)('capacitor', 'tolerance'))->toBe('shop: −10 %')
        ->and(($this->firstChoice)('dual-capacitor', 'tolerance'))->toBe('shop: −10 %')
        ->and(($this->firstChoice)('three-fuses', 'set'))->toBe('replace the one that blew');
    $this->putJson('/api/shop/habits', ['habit' => 'weak capacitor', 'choice' => '±6 %'])->assertOk()
        ->assertJsonPath('habits.4.chosen', '±6 %');
});

it('refuses what is no habit, no choice of it, and who is no lead', function (): void {
    $this->putJson('/api/shop/habits', ['habit' => 'lunch', 'choice' => 'fish'])->assertUnprocessable();
    $this->putJson('/api/shop/habits', ['habit' => 'weak capacitor', 'choice' => '±50 %'])->assertUnprocessable()
        ->assertJsonValidationErrors(['choice' => 'Choose one of its choices.']);
    $this->actingAs(User::query()->firstWhere('email', 'oda@ternsound.example'));
    $this->putJson('/api/shop/habits', ['habit' => 'weak capacitor', 'choice' => '±5 %'])->assertForbidden();
    expect($this->getJson('/api/shop/habits')->json('may_change'))->toBeFalse();
    auth()->logout();
    $this->getJson('/api/shop/habits')->assertUnauthorized();
});

it('makes no jumper tests where the shop does not, and says who changes that', function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'marit@ternsound.example'));
    $call = Demo::call('Oven-room cooling unit');
    $jumper = fn (bool $on) => $this->postJson("/api/calls/$call->id/events", [
        'id' => (string) Str::uuid(), 'type' => 'jumper', 'noted_at' => now()->toIso8601ZuluString(),
        'data' => ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => $on, 'reason' => 'Proves the rest of the string.'],
    ]);
    $this->putJson('/api/shop/habits', ['habit' => 'jumper tests', 'choice' => 'timed, with a reason'])->assertOk();
    $jumper(true)->assertCreated();
    $this->putJson('/api/shop/habits', ['habit' => 'jumper tests', 'choice' => 'none'])->assertOk();
    // what is on comes off
    $jumper(false)->assertCreated();
    $jumper(true)->assertUnprocessable()->assertSee('makes no jumper tests');
});

it('leans to what the shop would rather do in the next test', function (): void {
    $call = Demo::call('Oven-room cooling unit');
    foreach (['CC' => 'dropped out', 'IBM' => 'runs'] as $part => $seen) {
        $this->postJson("/api/calls/$call->id/events", [
            'id' => (string) Str::uuid(), 'type' => 'observation', 'noted_at' => now()->toIso8601ZuluString(),
            'data' => ['part' => $part, 'seen' => $seen],
        ])->assertCreated();
    }
    $across = function (string $choice) use ($call): int {
        $this->putJson('/api/shop/habits', ['habit' => 'how a string in series is read', 'choice' => $choice])->assertOk();
        $next = $this->getJson("/api/calls/$call->id")->assertOk()->json('next');
        $isAcross = fn (array $a): bool => $a['kind'] === 'probe' && Str::before($a['red'], '.') === Str::before($a['black'], '.');

        return count(array_filter($next, $isAcross));
    };
    expect($across('across each part'))->toBeGreaterThan($across('each side to common'));
});

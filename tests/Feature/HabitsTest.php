<?php

use App\Shop\User;
use Levin\Core\Checks\Bench\Habit;

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
        ->and($habits['habits'][0]['chosen'])->toBe('±6 %')->and($habits['may_change'])->toBeTrue();
});

it('lets a lead say what the shop does, and its checks begin with that', function (): void {
    expect(($this->firstChoice)('capacitor', 'tolerance'))->toBe('±6 %');
    $this->putJson('/api/shop/habits', ['habit' => 'weak capacitor', 'choice' => 'shop: −10 %'])->assertOk()
        ->assertJsonPath('habits.0.chosen', 'shop: −10 %');
    $this->putJson('/api/shop/habits', ['habit' => 'one fuse of a set blown', 'choice' => 'replace the one that blew'])->assertOk();
    expect(($this->firstChoice)('capacitor', 'tolerance'))->toBe('shop: −10 %')
        ->and(($this->firstChoice)('dual-capacitor', 'tolerance'))->toBe('shop: −10 %')
        ->and(($this->firstChoice)('three-fuses', 'set'))->toBe('replace the one that blew');
    $this->putJson('/api/shop/habits', ['habit' => 'weak capacitor', 'choice' => '±6 %'])->assertOk()
        ->assertJsonPath('habits.0.chosen', '±6 %');
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

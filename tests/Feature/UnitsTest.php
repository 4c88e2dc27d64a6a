<?php

use App\Shop\User;

beforeEach(function (): void {
    $this->actingAs(User::query()->firstOrFail());
    $this->found = fn (string $words): array => array_column(
        $this->getJson('/api/units?'.http_build_query(['search' => $words]))->assertOk()->json('items'),
        'name',
    );
});

it('finds units by words that their name, site, place or plate have together', function (string $words, array $names): void {
    expect(($this->found)($words))->toBe($names);
})->with([
    ['school east furnace', ['East-wing furnace']], ['PD-0059', ['Stage cooling unit']], ['fulmar GYMNASIUM', ['Gymnasium rooftop unit']],
    ['library behind', ['Reading-room cooling unit', 'Stacks cooling unit']], ['nothing like it', []],
    // what a search by pattern would take for anything
    ['100%', []], ['_', []],
]);

it('has all of them where nothing is asked for, and refuses what is no word', function (): void {
    expect(count(($this->found)('  ')))->toBe(31);
    $this->getJson('/api/units?search='.str_repeat('x', 101))->assertUnprocessable();
});

it('is for those who are signed in', function (): void {
    auth()->logout();
    $this->getJson('/api/units?search=school')->assertUnauthorized();
});

<?php

use App\Shop\User;
use Levin\Core\Checks\Bench\PartChecks;

beforeEach(fn () => $this->actingAs(User::query()->firstWhere('email', 'marit@ternsound.example')));

it('has every check of the core, by title', function (): void {
    $checks = $this->getJson('/api/bench')->assertOk()->json('checks');
    expect(array_column($checks, 'name'))->toEqualCanonicalizing(array_keys(PartChecks::all()));
    $titles = array_column($checks, 'title');
    $sorted = $titles;
    sort($sorted);
    expect($titles)->toBe($sorted);
});

it('judges what is given, in the units it is given in, and shows it in those that are asked for', function (): void {
    $answer = $this->getJson('/api/bench/gas-heat?'.http_build_query([
        'given' => ['supply' => '50', 'return' => '20', 'least' => '15', 'most' => '35'],
        'units' => ['supply' => '°C', 'return' => '°C', 'least' => 'K', 'most' => 'K'],
        'shown' => ['temperature difference' => 'K'],
    ]))->assertOk()->json('judgement');
    expect($answer['verdict'])->toBe('good')->and($answer['figures'])->toContain(['label' => 'rise', 'says' => '30 K']);
});

it('waits for what is missing, and says what is wrong where it is', function (): void {
    $waits = fn (array $given): array => $this->getJson('/api/bench/supply?'.http_build_query(['given' => $given]))->assertOk()->json();
    expect($waits(['l1l2' => '480']))->toBe([
        'judgement' => null, 'waits' => 'L2 – L3 is missing.', 'entry' => 'l2l3', 'is_wrong' => false,
    ]);
    // what is wrong is said before what is missing
    expect($waits(['l1l3' => '-480']))->toMatchArray(['entry' => 'l1l3', 'is_wrong' => true])
        ->and($waits(['l1l2' => '480', 'l2l3' => '100', 'l1l3' => '100']))->toMatchArray(['entry' => '', 'is_wrong' => true]);
});

it('takes nothing that is no text, and knows no other checks', function (): void {
    $this->getJson('/api/bench/no-such-check')->assertNotFound();
    $this->getJson('/api/bench/supply?given=480')->assertUnprocessable();
    $this->getJson('/api/bench/supply?given[l1l2][]=480')->assertUnprocessable();
    $this->getJson('/api/bench/supply?given[l1l2]='.str_repeat('9', 401))->assertUnprocessable();
    $this->getJson('/api/bench/supply?given[other]=480')->assertOk()->assertJsonPath('entry', 'other');
});

it('is for those who are signed in', function (): void {
    auth()->logout();
    $this->getJson('/api/bench')->assertUnauthorized();
    $this->putJson('/api/session/units', ['units' => []])->assertUnauthorized();
});

it('keeps the units that someone prefers, and refuses those there are not', function (): void {
    $units = fn (array $units) => $this->putJson('/api/session/units', ['units' => $units]);
    $units(['temperature' => '°C', 'pressure' => 'bar'])->assertOk()->assertJsonPath('units.temperature', '°C');
    expect($this->getJson('/api/session')->json('units'))->toMatchArray(['temperature' => '°C', 'pressure' => 'bar', 'length' => 'ft']);
    $units(['temperature' => 'K'])->assertUnprocessable()->assertJsonValidationErrors(['units' => 'Choose one of: °F, °C.']);
    $units(['colour' => 'red'])->assertUnprocessable();
    $units(['temperature' => ['°C']])->assertUnprocessable();
    expect($this->getJson('/api/session')->json('units.temperature'))->toBe('°C');
});

<?php

use App\Shop\User;

it('reads nothing without signing in', function (string $path): void {
    $this->getJson("/api/$path")->assertUnauthorized();
})->with([
    'session',
    'calls',
    'calls/1',
    'units',
    'units/1',
    'revisions/1',
    'revisions/1/diagram.svg',
    'calls/1/call.json',
    'calls/1/readings.csv',
    'calls/1/expected?function=vac&red=CC.A&black=CC.B',
]);

it('writes nothing without signing in', function (string $path): void {
    $this->postJson("/api/$path", [])->assertUnauthorized();
})->with(['units/1/calls', 'calls/1/events', 'calls/import']);

it('signs in, says who, and signs out', function (): void {
    $this->postJson('/api/session', ['email' => 'oda@ternsound.example', 'password' => 'tern-sound'])->assertOk()->assertJson(
        ['name' => 'Oda Brandvold', 'role' => 'technician', 'shop' => 'Tern Sound Mechanical'],
    );
    $this->getJson('/api/session')->assertOk();
    $this->deleteJson('/api/session')->assertNoContent();
    $this->app['auth']->forgetGuards();
    $this->getJson('/api/session')->assertUnauthorized();
});

it('says what is wrong with a sign-in', function (array $who, string $message): void {
    $this->postJson('/api/session', $who)->assertUnprocessable()->assertSee($message);
})->with([
    'wrong password' => [['email' => 'oda@ternsound.example', 'password' => 'guess'], 'do not belong together'],
    'nobody' => [['email' => 'nobody@ternsound.example', 'password' => 'tern-sound'], 'do not belong together'],
    'no e-mail' => [['email' => 'oda', 'password' => 'x'], 'email'],
]);

it('throttles guessing', function (): void {
    for ($n = 0; $n < 5; $n++) {
        $this->postJson('/api/session', ['email' => 'oda@ternsound.example', 'password' => "guess $n"])->assertUnprocessable();
    }
    $this->postJson('/api/session', ['email' => 'oda@ternsound.example', 'password' => 'tern-sound'])->assertTooManyRequests();
    $this->postJson('/api/session', ['email' => 'ravi@ternsound.example', 'password' => 'tern-sound'])->assertOk();
});

it('keeps passwords hashed and out of answers', function (): void {
    $user = User::query()->firstWhere('email', 'oda@ternsound.example');
    expect($user->password)->not->toBe('tern-sound');
    $this->actingAs($user)->getJson('/api/session')->assertJsonMissingPath('password');
});

it('tells the browser to fetch nothing from elsewhere', function (): void {
    expect($this->withoutVite()->get('/')->assertOk()->headers->get('Content-Security-Policy'))->toContain("default-src 'self'");
});

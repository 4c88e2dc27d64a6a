<?php

use App\Calls\Call;
use App\Calls\CallEvent;
use App\Shop\User;
use Illuminate\Support\Str;
use Levin\Core\Record\Rung\Contact;
use Tests\Support\Demo;

// Ways in which a shop's records could be lost, locked or made untrue. Each of these failed once.

beforeEach(function (): void {
    $this->marit = User::query()->firstWhere('email', 'marit@ternsound.example');
    $this->actingAs($this->marit);
    $this->open = Demo::call('Oven-room cooling unit');
    $this->event = fn (string $type, array $data, array $envelope = []): array => [
        'id' => (string) Str::uuid(), 'type' => $type, 'noted_at' => now()->toIso8601ZuluString(), 'data' => $data, ...$envelope,
    ];
    $this->post = fn (array $event, ?Call $call = null) => $this->postJson('/api/calls/'.($call ?? $this->open)->id.'/events', $event);
    $this->send = fn (string $type, array $data, ?Call $call = null) => ($this->post)(($this->event)($type, $data), $call);
    $this->makeDead = function (?Call $call = null): void {
        foreach (['outdoor_breaker', 'disconnect', 'indoor_breaker'] as $name) {
            ($this->send)('condition', ['name' => $name, 'value' => false], $call)->assertCreated();
        }
        ($this->send)('proved-dead', ['known_before' => true, 'circuit_dead' => true, 'known_after' => true], $call)->assertCreated();
    };
    $this->waive = function (Contact ...$but): void {
        foreach (array_filter(Contact::cases(), fn (Contact $c): bool => ! in_array($c, $but, true)) as $contact) {
            ($this->send)('waived', ['contact' => $contact->value, 'on' => true, 'reason' => 'another test\'s'])->assertCreated();
        }
    };
    $this->file = fn (array $change = []): array => [
        ...$this->getJson("/api/calls/{$this->open->id}/call.json")->json(), 'number' => 4000, ...$change,
    ];
    $this->in = fn (array $event): array => [
        'id' => (string) Str::uuid(), 'type' => 'note', 'by' => 'marit@ternsound.example', 'noted_at' => '2026-11-23T09:00:00Z',
        'stored_at' => '2026-11-23T09:00:01Z', 'data' => ['text' => 'x'], ...$event,
    ];
});

it('takes no time but ISO 8601 with a zone, near enough to now', function (string $when, string $says): void {
    ($this->post)(($this->event)('note', ['text' => 'x'], ['noted_at' => $when]))->assertUnprocessable()->assertSee($says);
    expect($this->open->events()->count())->toBe(0);
    $this->getJson("/api/calls/{$this->open->id}")->assertOk();
})->with([
    'a year that cannot be read back' => ['+12345-01-01T00:00:00Z', 'ISO 8601'],
    'far ahead' => ['9999-01-01T00:00:00Z', 'Check the clock'],
    'long ago' => ['1970-01-01T00:00:00Z', 'Check the clock'],
    'no zone' => ['2026-11-23T09:30:00', 'ISO 8601'],
    'words' => ['next tuesday', 'ISO 8601'],
    'no such day' => ['2026-13-45T09:30:00Z', 'ISO 8601'],
]);

it('keeps the moment of an event to the millisecond, whatever zone it came in', function (): void {
    $now = now()->setMicroseconds(417000);
    ($this->post)(($this->event)('note', ['text' => 'x'], ['noted_at' => $now->copy()->setTimezone('+05:30')->format('Y-m-d\TH:i:s.vP')]))
        ->assertCreated();
    expect($this->open->events()->firstOrFail()->noted_at->equalTo($now))->toBeTrue();
});

it('takes no import with a time that would make lists unreadable', function (): void {
    $this->postJson('/api/calls/import', ($this->file)(['scheduled_for' => '12345-01-01T00:00:00Z']))->assertUnprocessable();
    $this->postJson('/api/calls/import', ($this->file)(['scheduled_for' => '2999-01-01T00:00:00Z']))->assertUnprocessable();
    $event = ($this->in)(['noted_at' => '2999-01-01T00:00:00Z']);
    $this->postJson('/api/calls/import', ($this->file)(['events' => [$event]]))->assertUnprocessable();
    $this->getJson('/api/calls')->assertOk();
});

it('gives every text a length', function (string $type, array $data): void {
    ($this->send)($type, $data)->assertUnprocessable();
    expect($this->open->events()->count())->toBe(0);
})->with([
    'note' => ['note', ['text' => str_repeat('n', 4001)]],
    'reading' => ['reading', ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => str_repeat('1', 25)]],
    'cause' => ['finding', ['faults' => ['HP:open'], 'cause' => str_repeat('c', 1001)]],
    'faults' => ['finding', ['faults' => array_fill(0, 25, 'HP:open'), 'cause' => '']],
    'waived' => ['waived', ['contact' => 'told', 'on' => true, 'reason' => str_repeat('l', 501)]],
]);

it('takes no body longer than anything it could hold, and does no work for it', function (): void {
    ($this->send)('reading', ['function' => 'vac', 'red' => str_repeat('R', 7_000_000), 'black' => 'CC.B', 'entered' => '1'])
        ->assertStatus(413)->assertSee('Nothing was changed');
    // a long name is not looked up letter by letter, nor repeated whole
    $answer = ($this->send)('reading', ['function' => 'vac', 'red' => str_repeat('R', 50_000), 'black' => 'CC.B', 'entered' => '1']);
    $answer->assertUnprocessable()->assertSee('There is no point');
    expect(strlen((string) $answer->getContent()))->toBeLessThan(1000);
});

it('refuses a known id with other content instead of acknowledging what it drops', function (): void {
    $event = ($this->event)('note', ['text' => 'bees in the box']);
    ($this->post)($event)->assertCreated();
    ($this->post)($event)->assertOk();
    ($this->post)([...$event, 'data' => ['text' => 'no bees']])->assertUnprocessable()->assertJsonValidationErrors('id');
    ($this->post)([...$event, 'noted_at' => now()->subMinute()->toIso8601ZuluString()])->assertUnprocessable();
    ($this->post)([...$event, 'type' => 'observation', 'data' => ['part' => 'OFM', 'seen' => 'silent']])->assertUnprocessable();
    ($this->post)($event, Demo::call('Ticket-hall cooling unit'))->assertUnprocessable();
    expect(CallEvent::query()->findOrFail($event['id'])->data)->toBe(['text' => 'bees in the box']);
});

it('numbers calls and events without a gap', function (): void {
    for ($n = 1; $n <= 5; $n++) {
        ($this->send)('note', ['text' => "note $n"])->assertCreated();
    }
    $first = Call::query()->max('number');
    $numbers = array_map(
        fn (): int => $this->postJson('/api/units/1/calls', ['complaint' => 'x'])->assertCreated()->json('number'),
        [1, 2, 3],
    );
    expect($this->open->events()->pluck('sequence')->all())->toBe([1, 2, 3, 4, 5])
        ->and($numbers)->toBe([$first + 1, $first + 2, $first + 3]);
});

it('derives an imported call again from its log, strictly', function (array $event, string $says): void {
    $this->postJson('/api/calls/import', ($this->file)(['events' => [($this->in)($event)]]))->assertUnprocessable()->assertSee($says);
    expect(Call::query()->where('number', 4000)->exists())->toBeFalse();
})->with([
    'OL that is nought' => [['type' => 'reading', 'data' => [
        'function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => 'OL', 'value' => 0, 'overload' => true,
    ]], 'contradicts itself'],
    'true that is one' => [['type' => 'condition', 'data' => ['name' => 'call_cool', 'value' => 1]], 'must be true or false'],
    'a value that was not entered' => [['type' => 'reading', 'data' => [
        'function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '24', 'value' => 24.5, 'overload' => false,
    ]], 'contradicts itself'],
    'something more' => [['data' => ['text' => 'x', 'more' => 'y']], 'contradicts itself'],
    'an id that is none' => [['id' => 'seven'], 'not a UUID'],
    'a dead test on a live circuit' => [['type' => 'reading', 'data' => [
        'function' => 'ohms', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '12', 'value' => 12, 'overload' => false,
    ]], 'not proved dead'],
]);

it('takes 26 for 26.0 in an import, as JSON does', function (): void {
    $event = ($this->in)(['type' => 'reading', 'data' => [
        'function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '26', 'value' => 26, 'overload' => false,
    ]]);
    $this->postJson('/api/calls/import', ($this->file)(['events' => [$event]]))->assertCreated();
});

it('does not believe a file that it is closed: the log says so or it is not', function (): void {
    $this->postJson('/api/calls/import', ($this->file)(['closed_at' => '2026-11-23T10:00:00Z', 'events' => [($this->in)([])]]))
        ->assertCreated()->assertJsonPath('closed_at', null);
    $events = [($this->in)(['type' => 'closed', 'data' => [], 'noted_at' => '2026-11-23T11:00:00Z'])];
    $this->postJson('/api/calls/import', ($this->file)(['number' => 4001, 'events' => $events]))
        ->assertCreated()->assertJsonPath('closed_at', '2026-11-23T11:00:00Z');
});

it('marks an imported call as imported, by whom and when', function (): void {
    $this->postJson('/api/calls/import', ($this->file)(['events' => [($this->in)([])]]))
        ->assertCreated()->assertJsonPath('imported.by', 'Marit Skerry')->assertJsonPath(
            'imported.at',
            fn (string $at): bool => $at !== '',
        );
    $this->getJson("/api/calls/{$this->open->id}")->assertOk()->assertJsonPath('call.imported', null);
});

it('takes an import whole or not at all', function (): void {
    $good = ($this->in)([]);
    $this->postJson('/api/calls/import', ($this->file)(['events' => [$good, ($this->in)(['type' => 'erase'])]]))->assertUnprocessable();
    $this->postJson('/api/calls/import', ($this->file)(['events' => [$good, $good]]))->assertUnprocessable()->assertSee(
        'the id of one before',
    );
    expect(CallEvent::query()->find($good['id']))->toBeNull();
});

it('does not take a reopened call for proved dead', function (): void {
    ($this->makeDead)();
    ($this->waive)();
    ($this->send)('closed', [])->assertCreated();
    ($this->send)('reopened', ['reason' => 'the part came'])->assertCreated()->assertJsonPath('standing.proved_dead', false);
    ($this->send)('reading', ['function' => 'ohms', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '12'])
        ->assertUnprocessable()->assertSee('not proved dead');
});

it('refuses power that comes back with a lead lifted, as it refuses landing on a live circuit', function (): void {
    ($this->makeDead)();
    ($this->send)('lead', ['wire' => 'w24', 'lifted' => true])->assertCreated();
    ($this->send)('condition', ['name' => 'disconnect', 'value' => true])->assertUnprocessable()->assertSee(
        'Land them before power comes back',
    );
    ($this->send)('condition', ['name' => 'call_cool', 'value' => false])->assertCreated();
    ($this->send)('lead', ['wire' => 'w24', 'lifted' => false])->assertCreated();
    ($this->send)('condition', ['name' => 'disconnect', 'value' => true])->assertCreated();
});

it('closes no call with the power off and nothing said of it', function (): void {
    ($this->makeDead)();
    ($this->waive)(Contact::Restored);
    ($this->send)('closed', [])->assertUnprocessable()->assertSee('it should be on');
    expect($this->open->fresh()->closed_at)->toBeNull();
    $off = ['outdoor_breaker', 'disconnect', 'indoor_breaker'];
    ($this->send)('left', ['how' => 'return', 'words' => 'part tomorrow, Ines knows', 'off' => $off])->assertCreated();
    ($this->send)('closed', [])->assertCreated();
    expect($this->open->events()->get()->last()->data)->toBe([]);
});

it('writes no cell that a spreadsheet would run', function (string $reason, string $cell): void {
    $event = ($this->event)('reading', ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '+26.4']);
    ($this->post)($event)->assertCreated();
    ($this->send)('strike', ['event' => $event['id'], 'reason' => $reason])->assertCreated();
    $csv = $this->get("/api/calls/{$this->open->id}/readings.csv")->assertOk()->streamedContent();
    $row = str_getcsv(explode("\n", $csv)[1], ',', '"', '');
    // a plain number with its sign is no formula
    expect($row[6])->toBe('+26.4')->and($row[9])->toBe($cell);
})->with([
    ['=HYPERLINK("x")', "'=HYPERLINK(\"x\")"],
    ['@SUM(A1)', "'@SUM(A1)"],
    ['-2+3+cmd', "'-2+3+cmd"],
    ['probe slipped', 'probe slipped'],
]);

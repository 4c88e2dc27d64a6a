<?php

use App\Calls\Arriving;
use App\Calls\Call;
use App\Calls\EventLog;
use App\Shop\Role;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Config;
use Levin\Core\Record\EventType;

// What is somebody's now, next, unfinished and coming, by the days of the shop and not of the server.

beforeEach(function (): void {
    $this->contacts = Call::query()->whereNull('closed_at')->has('events')->pluck('open_at')->map(fn ($contact) => $contact->value)->all();
    Config::set('levin.timezone', 'America/New_York');
    // two who have no calls of the demo
    [$this->oda, $this->ravi] = array_map(fn (string $name): User => User::query()->create([
        'name' => $name, 'email' => "$name@ternsound.example", 'password' => 'tern-sound', 'role' => Role::Technician,
    ]), ['una', 'tove']);
    $this->actingAs($this->oda);
    $this->call = function (int $number, string $when, ?User $whose = null, array $more = []): Call {
        $unit = Unit::query()->firstWhere('name', $more['unit'] ?? 'Oven-room cooling unit');

        return Call::query()->create([
            'number' => 5000 + $number, 'unit_id' => $unit->id, 'circuit_revision_id' => $unit->circuit->newest->id,
            'technician_id' => ($whose ?? $this->oda)->id, 'complaint' => 'x', 'scheduled_for' => Carbon::parse($when)->utc(),
            ...array_diff_key($more, ['unit' => 0]),
        ]);
    };
    // those of the test, without the demo's
    $this->section = fn (string $section): array => array_values(array_filter(array_map(
        fn (int $number): int => $number - 5000,
        array_column($this->getJson("/api/calls?section=$section&order=earliest")->assertOk()->json('items'), 'number'),
    ), fn (int $number): bool => $number > 0));
    $this->begin = fn (Call $call) => app(EventLog::class)->append(
        $call,
        Arriving::made($this->oda, EventType::HistoryRead, ['visits' => 0], now()),
    );
});

it('has each call in its section by the midnights of the shop', function (): void {
    // ten in the evening of the 29th there, the 30th in Greenwich
    Carbon::setTestNow('2026-11-30T03:00:00Z');
    ($this->call)(1, '2026-11-29T04:59:59Z');
    ($this->begin)(($this->call)(2, '2026-11-28T15:00:00Z'));
    ($this->call)(3, '2026-11-29T05:00:00Z');
    ($this->begin)(($this->call)(4, '2026-11-29T20:00:00Z'));
    ($this->call)(5, '2026-11-30T04:59:59Z');
    ($this->call)(6, '2026-11-30T05:00:00Z');
    ($this->call)(7, '2026-11-29T15:00:00Z', $this->ravi);
    ($this->call)(8, '2026-11-20T15:00:00Z', $this->ravi);
    ($this->call)(9, '2026-11-30T15:00:00Z', $this->ravi);
    ($this->call)(10, '2026-11-28T15:00:00Z', null, ['closed_at' => Carbon::parse('2026-11-28T17:00:00Z')]);
    expect(($this->section)('now'))->toBe([4])
        ->and(($this->section)('next'))->toBe([3, 5])
        ->and(($this->section)('unfinished'))->toBe([2, 1])
        ->and(($this->section)('coming'))->toBe([6])
        ->and(($this->section)('others'))->toBe([8, 7])
        ->and(($this->section)('done'))->toBe([10])
        ->and(($this->section)('waiting'))->toBe([]);
});

it('has a day of 23 hours when the clocks go on', function (): void {
    Carbon::setTestNow('2026-03-08T12:00:00Z');
    ($this->call)(1, '2026-03-08T05:00:00Z');
    ($this->call)(2, '2026-03-09T03:59:59Z');
    ($this->call)(3, '2026-03-09T04:00:00Z');
    expect(($this->section)('next'))->toBe([1, 2])->and(($this->section)('coming'))->toBe([3]);
});

it('has a unit waiting that was left, until a later visit there is closed', function (): void {
    Carbon::setTestNow('2026-11-29T15:00:00Z');
    $left = ['left_how' => 'return', 'left_words' => 'motor ordered'];
    $closed = fn (string $at): array => ['closed_at' => Carbon::parse($at)];
    ($this->call)(1, '2026-11-20T15:00:00Z', $this->ravi, [...$left, ...$closed('2026-11-20T16:00:00Z')]);
    ($this->call)(2, '2026-11-21T15:00:00Z', null, [...$left, ...$closed('2026-11-21T16:00:00Z'), 'unit' => 'Kennel cooling unit']);
    // somebody is there, and not yet done
    $back = ($this->call)(3, '2026-11-29T15:00:00Z', null, ['unit' => 'Kennel cooling unit']);
    // still open: it is unfinished, and does not wait
    ($this->call)(4, '2026-11-22T15:00:00Z', null, [...$left, 'unit' => 'Stage cooling unit']);
    expect(($this->section)('waiting'))->toBe([1, 2]);
    $back->update(['closed_at' => now()]);
    expect(($this->section)('waiting'))->toBe([1]);
});

it('keeps of a call for lists that a jumper is on, and how its unit is left', function (): void {
    $call = ($this->call)(1, now()->toIso8601String());
    $log = app(EventLog::class);
    $send = fn (EventType $type, array $data) => $log->append($call->fresh(), Arriving::made($this->oda, $type, $data, now()));
    $send(EventType::Jumper, ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => true, 'reason' => 'to try it']);
    $send(EventType::Left, ['how' => 'return', 'words' => 'motor ordered', 'must_not' => '', 'off' => []]);
    [$listed] = $this->getJson('/api/calls?number=5001')->json('items');
    expect($listed)->toMatchArray(['left' => 'return', 'left_words' => 'motor ordered', 'open_at' => 'seen'])
        ->and($listed['jumper_since'])->not->toBeNull();
    $send(EventType::Jumper, ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => false]);
    expect($this->getJson('/api/calls?number=5001')->json('items.0.jumper_since'))->toBeNull();
});

it('refuses a section that there is not', function (): void {
    $this->getJson('/api/calls?section=yesterday')->assertUnprocessable()->assertJsonValidationErrors('section');
});

it('finds units and calls by the words they have together', function (string $words, array $labels): void {
    ($this->call)(1, '2026-11-20T15:00:00Z', null, ['complaint' => 'The hall is hot.', 'unit' => 'Assembly-hall cooling unit']);
    ($this->call)(2, '2026-11-21T15:00:00Z', null, ['complaint' => 'Fan whistles 100%.']);
    $items = $this->getJson('/api/find?'.http_build_query(['words' => $words]))->assertOk()->json('items');
    expect(array_column($items, 'label'))->toBe($labels);
})->with([
    'a complaint with its site' => ['hot hall school', ['Call 5001 · Assembly-hall cooling unit']],
    'a number' => ['5002', ['Call 5002 · Oven-room cooling unit']],
    'a thermostat' => ['globe', ['Reading-room cooling unit', 'Call 1043 · Reading-room cooling unit']],
    'a space' => ['kennels', ['Kennel cooling unit', 'Call 1044 · Kennel cooling unit']],
    'a complaint' => ['whistles', ['Call 5002 · Oven-room cooling unit']],
    'a sign of patterns' => ['100%', ['Call 5002 · Oven-room cooling unit']],
    'nothing' => ['sauna', []],
]);

it('shows calls at every contact of the rung in the demo, and units that wait', function (): void {
    expect($this->contacts)->toEqualCanonicalizing(['found', 'cause', 'repaired', 'restored', 'verified', 'told']);
});

<?php

use App\Calls\Call;
use App\Calls\CallEvent;
use App\Shop\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Levin\Core\Record\Rung\Contact;
use Tests\Support\Demo;

/** @return array<string, string> energy by point */
function energies(array $trace): array
{
    return array_column($trace['drawn']['points'], 'energy', 'point');
}

beforeEach(function (): void {
    $this->oda = User::query()->firstWhere('email', 'oda@ternsound.example');
    $this->ravi = User::query()->firstWhere('email', 'ravi@ternsound.example');
    $this->marit = User::query()->firstWhere('email', 'marit@ternsound.example');
    $this->send = fn (Call $call, string $type, array $data, ?string $id = null) => $this->postJson(
        "/api/calls/$call->id/events",
        ['id' => $id ?? (string) Str::uuid(), 'type' => $type, 'noted_at' => '2026-11-23T09:30:00Z', 'data' => $data],
    );
});

it('narrows the suspects reading by reading and keeps the record', function (): void {
    $this->actingAs($this->oda);
    $call = Demo::call('Oven-room cooling unit');
    $first = $this->getJson("/api/calls/$call->id")->assertOk()->json();
    $seen = ($this->send)($call, 'observation', ['part' => 'OFM', 'seen' => 'silent'])->assertCreated()->json();
    ($this->send)($call, 'observation', ['part' => 'COMP', 'seen' => 'silent'])->assertCreated();
    $in = ($this->send)($call, 'observation', ['part' => 'CC', 'seen' => 'pulled in'])->assertCreated()->json();
    $across = ['function' => 'vac', 'red' => 'FU1.1', 'black' => 'FU1.2', 'entered' => '240.1'];
    $once = ($this->send)($call, 'reading', $across)->assertCreated()->json();
    // the probe may have been on the wrong screw: one reading is no finding
    expect($once['suspects']['found'])->toBeNull();
    $volts = fn (string $red, string $black, string $entered): array => ($this->send)(
        $call,
        'reading',
        ['function' => 'vac', 'red' => $red, 'black' => $black, 'entered' => $entered],
    )->assertCreated()->json();
    $volts('CC.L1', 'CC.L2', '0.1');
    $read = $volts('FU1.1', 'FU1.2', '239.6');
    expect($first['suspects']['in_play'])->toBeGreaterThan($seen['suspects']['in_play'])
        ->and($seen['suspects']['in_play'])->toBeGreaterThan($in['suspects']['in_play'])
        ->and($read['suspects']['found'])->toBe(['FU1:blown'])
        ->and($read['drawn_as'])->toContain('Line fuse 1')
        ->and(energies($read))->toMatchArray(['FU1.1' => 'live', 'FU1.2' => 'backfed', 'LV.C' => 'common', 'HP.2' => 'live'])
        ->and(end($once['events'])['data'])->toMatchArray(['entered' => '240.1', 'value' => 240.1, 'overload' => false])
        // what blows it in this circuit is a short behind it; what it kept from running is not proved
        ->and(array_column($read['why'], 'target'))->toContain('OFM', 'COMP')
        ->and(array_column($read['behind'], 'target'))->toContain('COMP');
    $looked = ($this->send)($call, 'looked-for', ['target' => 'OFM', 'result' => 'ok'])->assertCreated()->json();
    expect(array_column($looked['why'], 'looked', 'target')['OFM'])->toBe('ok');
    ($this->send)($call, 'finding', ['faults' => $read['suspects']['found'], 'cause' => 'fan winding to ground'])->assertCreated();
    // the coil cannot pull in past an open contact
    ($this->send)($call, 'closed', [])->assertUnprocessable()->assertSee('is open. Read what was done');
    expect($call->fresh()->closed_at)->toBeNull()->and($call->fresh()->open_at)->toBe(Contact::Seen);
    foreach (Contact::cases() as $contact) {
        ($this->send)($call, 'waived', ['contact' => $contact->value, 'on' => true, 'reason' => 'another test\'s'])->assertCreated();
    }
    expect($call->fresh()->open_at)->toBeNull();
    $closed = ($this->send)($call, 'closed', [])->assertCreated()->json();
    expect($call->fresh()->closed_at)->not->toBeNull()
        ->and(array_column($closed['rung'], 'waived', 'contact'))->toMatchArray(['seen' => 'another test\'s', 'told' => 'another test\'s']);
});

it('stores an event once, however often it is sent', function (): void {
    $this->actingAs($this->oda);
    $call = Demo::call('Oven-room cooling unit');
    $id = (string) Str::uuid();
    ($this->send)($call, 'observation', ['part' => 'OFM', 'seen' => 'silent'], $id)->assertCreated();
    ($this->send)($call, 'observation', ['part' => 'OFM', 'seen' => 'silent'], $id)->assertOk();
    expect($call->events()->count())->toBe(1);
    ($this->send)(Demo::call('Ticket-hall cooling unit'), 'note', ['text' => 'x'], $id)->assertUnprocessable()->assertSee('another event');
});

it('says what is wrong with a reading and stores nothing', function (array $data, string $message): void {
    $this->actingAs($this->oda);
    $call = Demo::call('Oven-room cooling unit');
    ($this->send)(
        $call,
        'reading',
        [...['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '26.4'], ...$data],
    )->assertUnprocessable()->assertSee($message, false);
    expect($call->events()->count())->toBe(0);
})->with([
    'letters' => [['entered' => 'lots'], 'is not a reading'],
    'empty' => [['entered' => ''], 'Nothing was entered'],
    'absurd' => [['entered' => '1e99'], 'more than any service meter'],
    'wrong unit' => [['entered' => '24 ohm'], 'is not a unit of this test'],
    'no such point' => [['red' => 'CC.Q'], 'There is no point'],
    'no point at all' => [['red' => null], 'There is no point'],
    'dead test on a live circuit' => [['function' => 'ohms', 'entered' => '12'], 'not proved dead'],
]);

it('refuses negative ohms once the circuit is proved dead', function (): void {
    $this->actingAs($this->oda);
    $call = Demo::call('Oven-room cooling unit');
    foreach (['outdoor_breaker', 'disconnect', 'indoor_breaker'] as $name) {
        ($this->send)($call, 'condition', ['name' => $name, 'value' => false])->assertCreated();
    }
    $trace = ($this->send)(
        $call,
        'proved-dead',
        ['known_before' => true, 'circuit_dead' => true, 'known_after' => true],
    )->assertCreated()->json();
    expect($trace['standing']['proved_dead'])->toBeTrue()
        ->and(array_unique(
            array_values(array_intersect_key(energies($trace), ['CC.L1' => 1, 'AH.R' => 1, 'IBM.C' => 1])),
        ))->toBe(['dead']);
    $reading = ['function' => 'ohms', 'red' => 'COMP.C', 'black' => 'COMP.R'];
    ($this->send)($call, 'reading', [...$reading, 'entered' => '-3'])->assertUnprocessable()->assertSee('cannot be negative');
    ($this->send)($call, 'reading', [...$reading, 'entered' => 'OL'])->assertCreated();
    expect($call->events()->where('type', 'reading')->first()->data)->toMatchArray(['value' => null, 'overload' => true]);
});

it('says what is wrong with an envelope', function (array $event, string $field): void {
    $this->actingAs($this->oda);
    $call = Demo::call('Oven-room cooling unit');
    $this->postJson(
        "/api/calls/$call->id/events",
        [...['id' => (string) Str::uuid(), 'type' => 'note', 'noted_at' => '2026-11-23T09:30:00Z', 'data' => ['text' => 'x']], ...$event],
    )->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    [['id' => 'seven'], 'id'],
    [['type' => 'erase'], 'type'],
    [['noted_at' => 'yesterday-ish maybe'], 'noted_at'],
    [['data' => 'x'], 'data'],
]);

it('lets a technician change only their own calls and a lead any', function (): void {
    $call = Demo::call('Stage cooling unit');
    $this->actingAs($this->oda);
    ($this->send)($call, 'note', ['text' => 'mine?'])->assertForbidden();
    $this->getJson("/api/calls/$call->id")->assertOk()->assertJsonPath('call.may_change', false);
    $this->actingAs($this->ravi);
    ($this->send)($call, 'note', ['text' => 'mine'])->assertCreated();
    $this->actingAs($this->marit);
    ($this->send)($call, 'note', ['text' => 'the lead\'s word'])->assertCreated();
});

it('changes a closed call only by reopening it', function (): void {
    $this->actingAs($this->oda);
    $call = Demo::closedCall('Oven-room cooling unit');
    ($this->send)($call, 'note', ['text' => 'late thought'])->assertUnprocessable()->assertSee('Reopen it first');
    ($this->send)($call, 'reopened', ['reason' => 'it failed again'])->assertCreated();
    expect($call->fresh()->closed_at)->toBeNull();
    ($this->send)($call, 'note', ['text' => 'late thought'])->assertCreated();
});

it('strikes a wrong reading out without erasing it', function (): void {
    $this->actingAs($this->oda);
    $call = Demo::call('Oven-room cooling unit');
    $id = (string) Str::uuid();
    $before = $this->getJson("/api/calls/$call->id")->json('suspects.in_play');
    ($this->send)($call, 'reading', ['function' => 'vac', 'red' => 'HP.1', 'black' => 'HP.2', 'entered' => '26.6'], $id)->assertCreated();
    $trace = ($this->send)($call, 'strike', ['event' => $id, 'reason' => 'probe slipped'])->assertCreated()->json();
    expect(array_column($trace['events'], 'struck', 'id')[$id])->toBe('probe slipped')
        ->and($trace['suspects']['in_play'])->toBe($before)
        ->and($trace['events'])->toHaveCount(2);
});

it('has a database that refuses to rewrite the log', function (string $sql): void {
    expect(CallEvent::query()->count())->toBeGreaterThan(10);
    expect(fn () => DB::statement($sql))->toThrow(QueryException::class, 'append-only');
})->with([
    "UPDATE call_events SET data = '{}'",
    'DELETE FROM call_events',
    'REPLACE INTO call_events SELECT id, call_id, sequence, user_id, type, \'{"text":"forged"}\', noted_at, stored_at, sent '
        .'FROM call_events',
]);

it('keeps foreign keys on', function (): void {
    expect(DB::scalar('PRAGMA foreign_keys'))->toBe(1)->and(DB::scalar('PRAGMA busy_timeout'))->toBe(10000)
        // 2 is FULL: what was acknowledged outlives a power cut
        ->and(DB::scalar('PRAGMA synchronous'))->toBe(2)
        ->and(DB::scalar('PRAGMA recursive_triggers'))->toBe(1);
});

it('says what a healthy unit reads, and refuses a dead test on a live circuit', function (): void {
    $this->actingAs($this->oda);
    $call = Demo::call('Oven-room cooling unit');
    $this->getJson(
        "/api/calls/$call->id/expected?function=vac&red=LV.Y&black=LV.C",
    )->assertOk()->assertJsonPath('refused', null)->assertJsonPath(
        'display',
        fn (string $shown): bool => preg_match('/^2[67]\.\d V$/', $shown) === 1,
    );
    $this->getJson("/api/calls/$call->id/expected?function=ohms&red=LV.Y&black=LV.C")->assertOk()->assertSee('Not proved dead');
    $this->getJson("/api/calls/$call->id/expected?function=vac&red=LV.Z&black=LV.C")->assertUnprocessable()->assertSee('There is no point');
});

it('opens a call with the complaint in the customer\'s words', function (): void {
    $this->actingAs($this->oda);
    $this->postJson('/api/units/1/calls', ['complaint' => ''])->assertUnprocessable()->assertSee('customer');
    $this->postJson('/api/units/1/calls', ['complaint' => 'It clicks and stops.'])->assertCreated()->assertJson(
        [
            'number' => 1 + Call::query()->where('id', '<', Call::query()->max('id'))->max('number'),
            'stage' => 'scheduled',
            'may_change' => true,
        ],
    );
});

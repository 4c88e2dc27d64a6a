<?php

use App\Shop\ShopHabit;
use App\Shop\TruckPart;
use App\Shop\User;
use Illuminate\Support\Str;
use Levin\Core\Checks\Bench\Habit;
use Tests\Support\Demo;

// What a new part must match, from the plate of the circuit; what is on the truck; and the unit with it in.

beforeEach(function (): void {
    $this->oda = User::query()->firstWhere('email', 'oda@ternsound.example');
    $this->actingAs($this->oda);
    $this->call = Demo::call('Oven-room cooling unit');
    $this->swap = fn (string $part, array $is = []): array => $this->getJson(
        "/api/calls/{$this->call->id}/swap?".http_build_query(['part' => $part, 'is' => $is]),
    )->assertOk()->json();
    $this->send = fn (string $type, array $data) => $this->postJson("/api/calls/{$this->call->id}/events", [
        'id' => (string) Str::uuid(), 'type' => $type, 'noted_at' => now()->toIso8601ZuluString(), 'data' => $data,
    ]);
    $this->dead = function (): void {
        foreach (['outdoor_breaker', 'disconnect', 'indoor_breaker'] as $name) {
            ($this->send)('condition', ['name' => $name, 'value' => false])->assertCreated();
        }
        ($this->send)('proved-dead', ['known_before' => true, 'circuit_dead' => true, 'known_after' => true])->assertCreated();
    };
});

it('says what must match from the plate, and how what is on the truck does, the best match first', function (): void {
    $swap = ($this->swap)('CAP');
    expect(array_column($swap['rows'], 'was', 'name'))->toMatchArray(['farads' => '40 µF', 'second' => '5 µF', 'volts' => '440 V'])
        ->and(array_column(array_column($swap['truck'], 'judged'), 'verdict'))->toBe(['good', 'bad', 'bad'])
        ->and($swap['truck'][0]['label'])->toContain('40 + 5')
        ->and($swap['judged'])->toBeNull()->and($swap['caution'])->toContain('discharge it');
});

it('has nothing of the trucks of others, and nothing that is used up', function (): void {
    TruckPart::query()->where('user_id', $this->oda->id)->where('label', 'like', 'Dual run capacitor 40%')->update(['count' => 0]);
    expect(array_filter(($this->swap)('CAP')['truck'], fn ($one) => str_contains($one['label'], '40 + 5')))->toBe([]);
});

it('shows a plate in the units that somebody reads in', function (): void {
    $rows = fn (): array => collect(($this->swap)('HP', ['opens' => '610'])['rows'])->keyBy('name')->all();
    $name = collect(($this->swap)('HP')['rows'])->first(fn (array $r): bool => str_contains($r['was'], 'psi'))['name'];
    // 4200 kPa are 609 psi: NIST SP 811, from memory
    expect($rows()[$name])->toMatchArray(['was' => '609 psi'])->and($rows()[$name]['units'][0])->toBe('psi');
    expect(($this->swap)('HP', [$name => '4200 kPa'])['judged']['verdict'])->toBe('good');
    $this->oda->update(['units' => ['pressure' => 'kPa']]);
    expect($rows()[$name])->toMatchArray(['was' => '4200 kPa'])->and($rows()[$name]['units'][0])->toBe('kPa');
});

it('counts down what is fitted from the truck, once, and counts it back where that is struck out', function (): void {
    $count = fn (): array => array_column(($this->swap)('CAP')['truck'], 'count', 'id');
    [$before, $id] = [$count(), ($this->swap)('CAP')['truck'][0]['id']];
    ($this->dead)();
    $event = ['id' => (string) Str::uuid(), 'type' => 'replaced', 'noted_at' => now()->toIso8601ZuluString(), 'data' => [
        'part' => 'CAP', 'truck' => $id,
    ]];
    $this->postJson("/api/calls/{$this->call->id}/events", $event)->assertCreated();
    // the same event once more is the same event
    $this->postJson("/api/calls/{$this->call->id}/events", $event)->assertOk();
    [$after, $others] = [$count(), array_diff_key($before, [$id => 0])];
    expect($after[$id] ?? 0)->toBe($before[$id] - 1)->and(array_diff_key($after, [$id => 0]))->toBe($others);
    ($this->send)('strike', ['event' => $event['id'], 'reason' => 'It went back into its box.'])->assertCreated();
    expect($count())->toBe($before);
    // of somebody else's truck, or of none: what is fitted is fitted
    $other = TruckPart::query()->where('user_id', '!=', $this->oda->id)->firstOrFail();
    foreach ([$other->id, 999_999] as $wrong) {
        ($this->send)('replaced', ['part' => 'CAP', 'truck' => $wrong])->assertCreated();
    }
    expect($count())->toBe($before)->and($other->fresh()->count)->toBe($other->count);
});

it('says over what must match that the shop fits the original, where it does', function (): void {
    expect(($this->swap)('CAP')['rather'])->toBe('');
    ShopHabit::query()->create(['habit' => Habit::OriginalPart->value, 'choice' => Habit::ORIGINAL, 'user_id' => $this->oda->id]);
    expect(($this->swap)('CAP')['rather'])->toContain('fits the original');
});

it('judges what is typed of the new one, and says what is wrong with it', function (): void {
    expect(($this->swap)('OFM', ['capacitor' => '7.5', 'frame' => '']))->toMatchArray(['problem' => null])
        ->and(($this->swap)('OFM', ['capacitor' => '7.5'])['judged'])->toMatchArray(['verdict' => 'watch'])
        ->and(($this->swap)('CAP', ['farads' => 'forty'])['problem'])->toContain('capacitance, is')
        ->and(($this->swap)('CAP', ['farads' => '900'])['problem'])->toContain('from 1 to 200');
    $this->getJson("/api/calls/{$this->call->id}/swap?part=NONE")->assertUnprocessable()->assertJsonValidationErrors('part');
});

it('leaves to its maker what no check compares', function (): void {
    expect(($this->swap)('TST'))->toMatchArray(['rows' => [], 'truck' => [], 'judged' => null, 'problem' => null]);
});

it('compares every part of every truck with every part it may replace', function (): void {
    foreach (User::query()->get() as $user) {
        $this->actingAs($user);
        foreach (array_keys(Levin\Core\File\CircuitReader::fromFile(base_path('circuits/split-cooling.yaml'))->parts) as $part) {
            expect(($this->swap)($part)['problem'])->toBeNull();
        }
    }
});

it('works with the plate of what was fitted from then on', function (): void {
    ($this->dead)();
    $fitted = ['part' => 'OFM', 'fitted' => 'Universal', 'serial' => '9', 'is' => ['amps' => '1.4', 'capacitor' => '7.5']];
    ($this->send)('replaced', [...$fitted, 'is' => ['amps' => 'much']])->assertUnprocessable()->assertSee('plate amperes, is');
    $trace = ($this->send)('replaced', $fitted)->assertCreated()->json();
    $loads = array_column($trace['loads'], 'plate', 'part');
    expect($loads['OFM'])->toBe(1.4)
        ->and(array_column(($this->swap)('OFM')['rows'], 'was', 'name'))->toMatchArray(['amps' => '1.4 A', 'capacitor' => '7.5 µF']);
});

/** Closes a call at once: what that takes is tested elsewhere. */
function closeAtOnce(callable $send): void
{
    foreach (['seen', 'found', 'cause', 'repaired', 'restored', 'verified', 'told'] as $contact) {
        $send('waived', ['contact' => $contact, 'on' => true, 'reason' => 'for the test'])->assertCreated();
    }
    $send('closed', [])->assertCreated();
}

it('makes what was fitted part of the unit, with its own circuit, as soon as the call is closed', function (): void {
    ($this->dead)();
    $fit = fn (array $is) => ($this->send)('replaced', ['part' => 'OFM', 'fitted' => 'Universal', 'serial' => '9', 'is' => $is]);
    $fit(['amps' => '1.4'])->assertCreated();
    $unit = $this->call->unit;
    expect($unit->fresh()->circuit_id)->toBe('split-cooling');
    closeAtOnce($this->send);
    $own = $unit->fresh()->circuit->newest;
    expect($own->circuit_id)->toBe("split-cooling-unit-$unit->id")->and($own->number)->toBe(1)
        // other units of that circuit have theirs as it was
        ->and(Demo::call('Kennel cooling unit')->unit->circuit_id)->toBe('split-cooling');
    // the call itself is read for ever with the circuit that it began with
    expect($this->getJson("/api/calls/{$this->call->id}")->json('revision'))->toBe($this->call->circuit_revision_id);
    $fitted = $this->getJson("/api/units/$unit->id/fitted")->assertOk()->json('parts');
    expect($fitted[0])->toMatchArray([
        'part' => 'OFM', 'fitted' => 'Universal', 'serial' => '9', 'by' => 'Oda Brandvold', 'number' => $this->call->number,
        'differs' => ['It draws more: its overload, its contactor and its fuse are looked at again.'],
    ]);
    // the next call begins with the unit as it is now, and what it fits goes on from there
    $this->call = App\Calls\Call::query()->findOrFail(
        $this->postJson("/api/units/$unit->id/calls", ['complaint' => 'Hums.'])->assertCreated()->json('id'),
    );
    expect($this->call->circuit_revision_id)->toBe($own->id)
        ->and(array_column(($this->swap)('OFM')['rows'], 'was', 'name'))->toMatchArray(['amps' => '1.4 A', 'capacitor' => '5 µF']);
    ($this->dead)();
    $fit(['capacitor' => '7.5'])->assertCreated();
    closeAtOnce($this->send);
    expect($unit->fresh()->circuit->newest->number)->toBe(2)
        ->and(Levin\Core\File\CircuitReader::fromText($unit->fresh()->circuit->newest->text, 'own')->part('OFM')->plate)
        ->toMatchArray(['fla' => 1.4, 'capacitor_uf' => 7.5]);
});

it('leaves the circuit of a unit as it was where what was fitted has the same plate, or is struck out', function (): void {
    ($this->dead)();
    ($this->send)('replaced', ['part' => 'CAP', 'is' => ['farads' => '40', 'volts' => '440']])->assertCreated();
    $other = ($this->send)('replaced', ['part' => 'OFM', 'is' => ['amps' => '1.4']])->assertCreated()->json('events');
    ($this->send)('strike', ['event' => end($other)['id'], 'reason' => 'the other unit'])->assertCreated();
    closeAtOnce($this->send);
    expect($this->call->unit->fresh()->circuit_id)->toBe('split-cooling')
        ->and(array_column($this->getJson("/api/units/{$this->call->unit_id}/fitted")->json('parts'), 'part'))->not->toContain('OFM');
});

it('does not bring an old part back when an earlier call is closed once more', function (): void {
    $fit = function (string $amps, string $at): void {
        $this->postJson("/api/calls/{$this->call->id}/events", [
            'id' => (string) Str::uuid(), 'type' => 'replaced', 'noted_at' => $at, 'data' => ['part' => 'OFM', 'is' => ['amps' => $amps]],
        ])->assertCreated();
    };
    ($this->dead)();
    $fit('1.4', now()->subHours(3)->toIso8601ZuluString());
    closeAtOnce($this->send);
    $first = $this->call;
    $this->call = App\Calls\Call::query()->findOrFail(
        $this->postJson("/api/units/$first->unit_id/calls", ['complaint' => 'Hums.'])->assertCreated()->json('id'),
    );
    ($this->dead)();
    $fit('1.2', now()->subHour()->toIso8601ZuluString());
    closeAtOnce($this->send);
    $this->call = $first;
    ($this->send)('reopened', ['reason' => 'a word forgotten'])->assertCreated();
    closeAtOnce($this->send);
    $text = $first->unit->fresh()->circuit->newest->text;
    expect(Levin\Core\File\CircuitReader::fromText($text, 'own')->part('OFM')->number('fla'))->toBe(1.2);
});

it('takes a file in of a call from before the unit had its own circuit, and none of another circuit', function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'marit@ternsound.example'));
    $file = $this->getJson('/api/calls/'.Demo::closedCall('Oven-room cooling unit')->id.'/call.json')->assertOk()->json();
    $renewed = function (array $file, int $number): array {
        $ids = array_map(fn (array $e): array => [$e['id'], (string) Str::uuid()], $file['events']);
        $text = str_replace(array_column($ids, 0), array_column($ids, 1), json_encode($file));

        return [...json_decode($text, true), 'number' => $number];
    };
    $this->actingAs($this->oda);
    ($this->dead)();
    ($this->send)('replaced', ['part' => 'OFM', 'is' => ['amps' => '1.4']])->assertCreated();
    closeAtOnce($this->send);
    $this->actingAs(User::query()->firstWhere('email', 'marit@ternsound.example'));
    $this->postJson('/api/calls/import', $renewed($file, 9001))->assertCreated();
    $other = App\Circuits\CircuitRevision::query()->firstWhere('circuit_id', 'gas-furnace');
    $wrong = [...$renewed($file, 9002), 'circuit' => ['id' => 'gas-furnace', 'revision' => 1, 'sha256' => $other->hash]];
    $this->postJson('/api/calls/import', $wrong)->assertUnprocessable();
});

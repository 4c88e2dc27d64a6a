<?php

use App\Calls\Call;
use App\Calls\CallEvent;
use App\Shop\ShopHabit;
use App\Shop\User;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Str;
use Tests\Support\Demo;

// What was done at a unit before, and whether the shop stands by it. Ninety days are the invented shop's.

beforeEach(function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'oda@ternsound.example'));
    $this->choose = fn (string $choice) => ShopHabit::query()->updateOrCreate(
        ['habit' => 'how long the shop stands by its work'],
        ['choice' => $choice, 'user_id' => 1],
    );
    $this->past = fn (): array => $this->getJson('/api/calls/'.Demo::call('Oven-room cooling unit')->id)->assertOk()->json('past');
    $this->find = fn (string $fault) => $this->postJson('/api/calls/'.Demo::call('Oven-room cooling unit')->id.'/events', [
        'id' => (string) Str::uuid(), 'type' => 'finding', 'noted_at' => now()->toIso8601ZuluString(), 'data' => ['faults' => [$fault]],
    ])->assertCreated();
});

it('tells the last visits with what was done and until when the shop stands by it', function (): void {
    [$last] = ($this->past)();
    $old = Demo::closedCall('Oven-room cooling unit');
    expect($last)->toMatchArray(['id' => $old->id, 'finding' => 'Line fuse 2: blown', 'holds' => true, 'claim' => null])
        ->and(implode(' ', $last['done']))->toContain('Line fuse 2')
        ->and($last['guaranteed_to'])->toBe(
            $old->scheduled_for->copy()->setTimezone(Config::string('levin.timezone'))->addDays(90)->format('Y-m-d'),
        );
});

it('counts what was judged good then, by the check or by hand, as long as nothing judged it otherwise since', function (): void {
    $good = fn (): array => ($this->past)()[0]['good'];
    // its loads, by what they draw
    expect($verified = $good())->toContain('Compressor');
    ($this->find)('HP:open');
    expect(($this->past)()[0]['claim'])->toBe('another matter');
    $old = Demo::closedCall('Oven-room cooling unit');
    foreach (['bad', 'ok', 'cannot tell', 'ok'] as $n => $result) {
        CallEvent::query()->create([
            'id' => (string) Str::uuid(), 'call_id' => $old->id, 'user_id' => 1, 'sequence' => 900 + $n, 'type' => 'looked-for',
            'data' => ['target' => 'HP', 'label' => 'High-pressure switch', 'result' => $result], 'noted_at' => $old->scheduled_for,
            'stored_at' => $old->scheduled_for,
        ]);
        $isGood = $result === 'ok';
        expect($good())->toBe([...$verified, ...$isGood ? ['High-pressure switch'] : []])
            ->and(($this->past)()[0]['claim'])->toBe($isGood ? 'judged good' : 'another matter');
    }
});

it('says that it is over', function (): void {
    // forty-seven days ago, of thirty
    ($this->choose)('30 days');
    expect(($this->past)()[0]['holds'])->toBeFalse();
    ($this->choose)('a year');
    expect(($this->past)()[0]['holds'])->toBeTrue();
    ($this->choose)('not at all');
    expect(($this->past)()[0])->toMatchArray(['holds' => false, 'guaranteed_to' => null]);
});

it('says whether what is found now is of the parts that were worked on', function (string $fault, string $claim): void {
    ($this->find)($fault);
    expect(($this->past)()[0]['claim'])->toBe($claim);
})->with([['FU2:blown', 'worked on'], ['HP:open', 'another matter']]);

it('knows of no visit to a unit that nobody has been at', function (): void {
    $call = Call::query()->whereHas('unit', fn ($q) => $q->where('name', 'Stage cooling unit'))->latest('number')->firstOrFail();
    expect($this->getJson("/api/calls/$call->id")->assertOk()->json('past'))->toBe([]);
});

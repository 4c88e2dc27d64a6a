<?php

use App\Bench\UnitEvent;
use App\Shop\ShopHabit;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Levin\Core\Checks\Bench\Habit;

beforeEach(function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'oda@ternsound.example'));
    // one that nobody in the demo has been at
    $this->unit = Unit::query()->firstWhere('name', 'Assembly-hall cooling unit');
    $this->before = count($this->getJson("/api/units/{$this->unit->id}/checks")->assertOk()->json('parts'));
    $this->event = fn (string $type, array $data, ?string $at = null): array => [
        'id' => (string) Str::uuid(), 'type' => $type, 'noted_at' => $at ?? now()->toIso8601ZuluString(), 'data' => $data,
    ];
    $this->insulation = fn (string $read, ?string $at = null, string $part = 'COMP'): array => ($this->event)('judged', [
        'part' => $part, 'check' => 'insulation', 'given' => ['read' => $read, 'temperature' => '40 °C'], 'units' => ['read' => 'MΩ'],
    ], $at);
    $this->deadCall = function (): array {
        $call = $this->postJson("/api/units/{$this->unit->id}/calls", ['complaint' => 'Hums.'])->assertCreated()->json('id');
        $send = fn (string $type, array $data) => $this->postJson("/api/calls/$call/events", ($this->event)($type, $data))->assertCreated();
        foreach (['outdoor_breaker', 'disconnect', 'indoor_breaker'] as $switch) {
            $send('condition', ['name' => $switch, 'value' => false]);
        }
        $send('proved-dead', ['known_before' => true, 'circuit_dead' => true, 'known_after' => true]);

        return [$call, $send];
    };
    $this->keep = fn (array $event) => $this->postJson("/api/units/{$this->unit->id}/events", $event);
});

it('keeps a judgement with the unit, once however often it is sent', function (): void {
    $event = ($this->insulation)('120');
    ($this->keep)($event)->assertCreated()->assertJsonPath('parts.0.label', 'Compressor')->assertJsonPath('parts.0.title', 'Insulation')
        ->assertJsonPath('parts.0.judged.0.by', 'Oda Brandvold')->assertJsonPath('parts.0.judged.0.call', null);
    ($this->keep)($event)->assertOk();
    expect($this->getJson("/api/units/{$this->unit->id}/checks")->json('parts'))->toHaveCount($this->before + 1);
    // the same id with another content would lose one of the two
    ($this->keep)([...$event, 'data' => [...$event['data'], 'part' => 'OFM']])->assertUnprocessable()->assertJsonValidationErrors('id');
});

it('shows what has become of a part, visit by visit, in the units that someone reads in', function (): void {
    ($this->keep)(($this->insulation)('60', '2026-10-02T10:00:00Z'))->assertCreated();
    ($this->keep)(($this->insulation)('150', '2025-10-02T10:00:00Z'))->assertCreated();
    $part = $this->getJson("/api/units/{$this->unit->id}/checks")->json('parts.0');
    expect($part)->toMatchArray(['watched' => 'at 40 °C', 'unit' => 'MΩ'])
        ->and(array_column($part['judged'], 'value'))->toEqualWithDelta([150.0, 60.0], 1e-9)
        ->and($part['trend']['verdict'])->toBe('watch')->and($part['trend']['words'])->toContain('come down')
        ->and($part['trend']['limit']['says'])->toContain('IEEE 43');
});

it('puts what was judged on a call beside what was judged outside of any', function (): void {
    $call = $this->postJson("/api/units/{$this->unit->id}/calls", ['complaint' => 'Not cooling.'])->assertCreated()->json('id');
    ($this->keep)(($this->insulation)('120', '2025-10-02T10:00:00Z'))->assertCreated();
    $event = ($this->insulation)('40');
    $log = $this->postJson("/api/calls/$call/events", $event)->assertCreated()->json('events');
    expect($log[0]['data'])->toMatchArray(['label' => 'Compressor', 'check' => 'insulation', 'verdict' => 'watch']);
    $judged = $this->getJson("/api/units/{$this->unit->id}/checks")->json('parts.0.judged');
    expect(array_column($judged, 'call'))->toBe([null, $call]);
    // struck out on the call, it stays in sight and counts no more
    $strike = ($this->event)('strike', ['event' => $event['id'], 'reason' => 'Wrong lead.']);
    $this->postJson("/api/calls/$call/events", $strike)->assertCreated();
    $part = $this->getJson("/api/units/{$this->unit->id}/checks")->json('parts.0');
    expect($part['judged'][1]['struck'])->toBe('Wrong lead.')->and($part['trend'])->toBeNull();
});

it('judges a capacitor that was read off the circuit, and the unit keeps that', function (): void {
    [$call, $send] = ($this->deadCall)();
    $send('lead', ['wire' => 'w12', 'lifted' => true]);
    $events = $send('reading', ['function' => 'mfd', 'red' => 'CAP.HERM', 'black' => 'CAP.C', 'entered' => '36.1'])->json('events');
    expect(end($events)['verdict'])->toBe(['verdict' => 'bad', 'headline' => 'Weak']);
    $parts = collect($this->getJson("/api/units/{$this->unit->id}/checks")->json('parts'));
    expect($parts->firstWhere('part', 'CAP')['judged'][0])->toMatchArray(['headline' => 'Weak', 'call' => $call]);
});

it('calls nothing healthy that a check finds fault with, and the unit has it for its next visit', function (): void {
    $call = $this->postJson("/api/units/{$this->unit->id}/calls", ['complaint' => 'Trips.'])->assertCreated()->json('id');
    $send = fn (array $data) => $this->postJson("/api/calls/$call/events", ($this->event)('reading', $data))->assertCreated();
    // 14.1 A is on its plate; the clamp is round common
    $trace = $send(['function' => 'amps', 'red' => 'w11', 'black' => '', 'turns' => 1, 'entered' => '16.2']);
    expect($trace->json('events.0.verdict'))->toBe(['verdict' => 'bad', 'headline' => 'Over its plate'])
        ->and($trace->json('events.0.meaning.as_healthy'))->toBeFalse()->and($trace->json('proved'))->not->toContain('COMP');
    $trace = $send(['function' => 'amps', 'red' => 'w11', 'black' => '', 'turns' => 1, 'entered' => '13.9']);
    expect($trace->json('events.1.verdict.verdict'))->toBe('good')->and($trace->json('events.1.meaning.as_healthy'))->toBeTrue();
    $parts = collect($this->getJson("/api/units/{$this->unit->id}/checks")->json('parts'));
    $currents = $parts->first(fn (array $p): bool => $p['part'] === 'COMP' && $p['check'] === 'running-current');
    expect(array_column($currents['judged'], 'headline'))->toBe(['Over its plate', 'Current good'])
        ->and($currents['judged'][0]['value'])->toEqualWithDelta(16.2, 1e-9);
});

it('judges a call by what the shop does, once its lead has said so', function (): void {
    [$call, $send] = ($this->deadCall)();
    $send('lead', ['wire' => 'w12', 'lifted' => true]);
    // 36.8 of 40 µF: under six per cent off, over ten per cent off
    $events = $send('reading', ['function' => 'mfd', 'red' => 'CAP.HERM', 'black' => 'CAP.C', 'entered' => '36.8'])->json('events');
    expect(end($events)['verdict']['verdict'])->toBe('bad');
    ShopHabit::query()->create(['habit' => Habit::WeakCapacitor->value, 'choice' => Habit::TEN_OFF, 'user_id' => auth()->id()]);
    $events = $this->getJson("/api/calls/$call")->assertOk()->json('events');
    expect(end($events)['verdict']['verdict'])->not->toBe('bad');
});

it('strikes out with a reason, and loses nothing', function (): void {
    $event = ($this->insulation)('120');
    ($this->keep)($event)->assertCreated();
    ($this->keep)(($this->event)('strike', ['event' => $event['id'], 'reason' => '']))->assertUnprocessable();
    ($this->keep)(($this->event)('strike', ['event' => $event['id'], 'reason' => 'Another unit.']))->assertCreated()
        ->assertJsonPath('parts.0.judged.0.struck', 'Another unit.');
    expect(fn () => DB::table('unit_events')->where('id', $event['id'])->delete())->toThrow(PDOException::class, 'append-only')
        ->and(UnitEvent::query()->find($event['id']))->not->toBeNull();
});

it('names a part in words where the drawing has none', function (): void {
    ($this->keep)(($this->insulation)('120', part: 'Pool pump beside it'))->assertCreated()
        ->assertJsonPath('parts.0.label', 'Pool pump beside it');
});

it('refuses what it cannot keep, and says why', function (array $change, string $field): void {
    ($this->keep)(array_replace_recursive(($this->insulation)('120'), $change))->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    'no part' => [['data' => ['part' => ' ']], 'part'], 'no check' => [['data' => ['check' => 'guess']], 'given'],
    'no number' => [['data' => ['given' => ['read' => 'x']]], 'given'],
    'nothing read' => [['data' => ['given' => ['read' => '']]], 'given'],
    'no judgement' => [['type' => 'note'], 'type'], 'long ago' => [['noted_at' => '1999-01-01T00:00:00Z'], 'noted_at'],
    'no id' => [['id' => '1'], 'id'],
]);

it('is for those who are signed in', function (): void {
    auth()->logout();
    $this->getJson("/api/units/{$this->unit->id}/checks")->assertUnauthorized();
    $this->postJson("/api/units/{$this->unit->id}/events", [])->assertUnauthorized();
});

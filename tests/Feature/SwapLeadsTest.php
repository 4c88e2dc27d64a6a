<?php

use App\Shop\User;
use Illuminate\Support\Str;
use Tests\Support\Demo;

// A part swapped wire for wire: from a list, one wire at a time, on a dead circuit: common practice, no published source.

beforeEach(function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'oda@ternsound.example'));
    $this->call = Demo::call('Oven-room cooling unit');
    $this->send = fn (string $type, array $data) => $this->postJson("/api/calls/{$this->call->id}/events", [
        'id' => (string) Str::uuid(), 'type' => $type, 'noted_at' => now()->toIso8601ZuluString(), 'data' => $data,
    ]);
    $this->list = fn (string $part = 'CC') => $this->getJson("/api/calls/{$this->call->id}/leads/$part");
    $this->dead = function (): void {
        foreach (['outdoor_breaker', 'disconnect', 'indoor_breaker'] as $name) {
            ($this->send)('condition', ['name' => $name, 'value' => false])->assertCreated();
        }
        ($this->send)('proved-dead', ['known_before' => true, 'circuit_dead' => true, 'known_after' => true])->assertCreated();
    };
    $this->move = fn (string $wire, string $to) => ($this->send)('moved', ['part' => 'CC', 'wire' => $wire, 'to' => $to]);
});

it('lists every wire on a part with its terminal, its colour, its gauge and its other end', function (): void {
    $list = ($this->list)()->assertOk()->json();
    expect($list['part'])->toBe('CC')->and($list['is_done'])->toBeFalse()
        ->and($list['leads'][0])->toMatchArray(['moved_to' => null, 'event' => null])
        ->and(array_column($list['leads'], 'far', 'wire'))->toMatchArray(['w10' => 'COMP.R', 'w24' => 'LP.2', 'w25' => 'LV.C'])
        ->and(array_column($list['leads'], 'colour', 'wire'))->toMatchArray(['w10' => 'black', 'w24' => 'orange', 'w25' => 'blue']);
    $this->get("/api/calls/{$this->call->id}/leads/CC.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
});

it('moves no wire before the circuit is proved dead, and none to nowhere', function (): void {
    ($this->move)('w24', 'A1')->assertUnprocessable()->assertSee('dead');
    ($this->dead)();
    ($this->move)('w24', '')->assertUnprocessable()->assertSee('which terminal');
    ($this->move)('w40', 'A1')->assertUnprocessable()->assertSee('no wire on CC');
    expect(array_filter(array_column(($this->list)()->json('leads'), 'moved_to')))->toBe([]);
});

it('is not done while one wire is left over, and offers what proves it then', function (): void {
    ($this->dead)();
    $wires = array_column(($this->list)()->json('leads'), 'terminal', 'wire');
    $last = array_key_last($wires);
    foreach (array_diff_key($wires, [$last => '']) as $wire => $terminal) {
        ($this->move)($wire, "$terminal (new)")->assertCreated();
    }
    ($this->send)('swapped', ['part' => 'CC'])->assertUnprocessable()->assertSee('One wire is left over');
    ($this->move)($last, 'B2')->assertCreated();
    // a wire that was put on the wrong screw is struck out, and hangs on the old part again
    $moved = collect(($this->list)()->json('leads'))->firstWhere('wire', $last);
    ($this->send)('strike', ['event' => $moved['event'], 'reason' => 'Wrong screw.'])->assertCreated();
    expect(collect(($this->list)()->json('leads'))->firstWhere('wire', $last)['moved_to'])->toBeNull();
    ($this->move)($last, 'B1')->assertCreated();
    ($this->send)('swapped', ['part' => 'CC'])->assertCreated();
    $done = ($this->list)()->json();
    expect($done['is_done'])->toBeTrue()->and(collect($done['leads'])->firstWhere('wire', $last)['moved_to'])->toBe('B1');
});

it('knows no part that is not there', function (): void {
    ($this->list)('XYZ')->assertUnprocessable()->assertSee('XYZ');
    $this->get("/api/calls/{$this->call->id}/leads/XYZ.pdf", ['Accept' => 'application/json'])->assertUnprocessable();
});

<?php

use App\Shop\User;
use Tests\Support\Demo;

beforeEach(fn () => $this->actingAs(User::query()->where('email', 'oda@ternsound.example')->firstOrFail()));

it('opens a suspect: an open switch in series shows the whole of the volts across itself, and anything else clears it', function (): void {
    // common practice, no published source
    $call = Demo::call('Reading-room cooling unit');
    $trace = $this->getJson("/api/calls/$call->id")->assertOk()->json();
    $dossier = $this->getJson("/api/calls/$call->id/suspects/HP")->assertOk()->json();
    $learned = array_filter($trace['events'], fn (array $e): bool => $e['meaning'] !== null && $e['struck'] === null);
    $across = array_values(array_filter($dossier['tests'], fn (array $t): bool => $t['test'] === 'Volts across High-pressure switch'));
    expect($dossier['fault'])->toStartWith('High-pressure switch')
        ->and($dossier['readings'])->toHaveCount(count($learned))
        ->and(array_column($dossier['readings'], 'fits'))->not->toContain(null)
        ->and((float) $across[0]['would'])->toBeGreaterThan(24.0)->toBeLessThan(28.0)
        ->and($across[0]['fits'])->toBeNull();
});

it('says of what is cleared which reading it does not explain', function (): void {
    $call = Demo::call('Reading-room cooling unit');
    $dossier = $this->getJson("/api/calls/$call->id/suspects/CC")->assertOk()->json();
    expect(array_column($dossier['readings'], 'fits'))->toContain(false)->and($dossier['likely'])->toBe('unlikely');
});

it('knows no suspect that the drawing has not', function (): void {
    $call = Demo::call('Reading-room cooling unit');
    $this->getJson("/api/calls/$call->id/suspects/NONE")->assertNotFound()->assertSee('take a part or a wire of its drawing');
});

it('tells what tests a part by itself, with the steps to it, and says when there is none of that name', function (): void {
    $call = Demo::call('Oven-room cooling unit');
    [$coil] = $this->getJson("/api/calls/$call->id/alone/CC")->assertOk()->json('tests');
    expect($coil)->toMatchArray(['function' => 'ohms', 'red' => 'CC.A', 'black' => 'CC.B', 'dead' => true])
        ->and(array_column($coil['steps'], 'event'))->toContain('condition', 'proved-dead', 'lead')
        ->and(array_column($coil['results'], 'who'))->toContain('coil open');
    $this->getJson("/api/calls/$call->id/alone/NONE")->assertNotFound()->assertSee('NONE');
});

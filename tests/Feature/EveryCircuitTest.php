<?php

use App\Models\Call;
use App\Models\User;

// The trace screen is fed by this answer; it must come for every circuit that ships.

it('opens a trace of every shipped circuit, drawn, live and with a next test', function (string $circuit): void {
    $call = Call::query()->whereHas('unit', fn ($unit) => $unit->where('circuit', $circuit))->firstOrFail();
    $this->actingAs(User::query()->where('email', 'marit@ternsound.example')->firstOrFail());
    $trace = $this->getJson("/api/calls/$call->id")->assertOk()->json();
    expect($trace['diagram']['symbols'])->not->toBe([])
        ->and($trace['diagram']['rails'])->not->toBe([])
        ->and(array_unique(array_values($trace['diagram']['energy'])))->toContain('live')
        ->and($trace['next'])->not->toBe([]);
})->with(array_map(fn (string $file): string => basename($file, '.yaml'), glob(__DIR__.'/../../circuits/*.yaml') ?: []));

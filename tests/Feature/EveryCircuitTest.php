<?php

use App\Calls\Call;
use App\Shop\User;

// The trace screen is fed by this answer; it must come for every circuit that ships.

it('opens a trace of every shipped circuit, drawn, live and with a next test', function (string $circuit): void {
    $call = Call::query()->whereHas('unit', fn ($unit) => $unit->where('circuit_id', $circuit))->firstOrFail();
    $this->actingAs(User::query()->where('email', 'marit@ternsound.example')->firstOrFail());
    $trace = $this->getJson("/api/calls/$call->id")->assertOk()->json();
    $drawing = $this->getJson("/api/revisions/{$trace['revision']}")->assertOk()->json('drawing');
    expect($drawing['symbols'])->not->toBe([])
        ->and($drawing['rails'])->not->toBe([])
        ->and(array_column($trace['drawn']['symbols'], 'id'))->toEqualCanonicalizing(array_column($drawing['symbols'], 'id'))
        ->and(array_column($trace['drawn']['wires'], 'wire'))->toEqualCanonicalizing(array_values(array_filter(
            array_column($drawing['conductors'], 'wire'),
        )))
        ->and(array_column($trace['drawn']['points'], 'energy'))->toContain('live')
        ->and($trace['next'])->not->toBe([]);
})->with(array_map(fn (string $file): string => basename($file, '.yaml'), glob(__DIR__.'/../../circuits/*.yaml') ?: []));

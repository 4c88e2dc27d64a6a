<?php

declare(strict_types=1);

use Levin\Core\Checks\Unopened;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Currents that no unit can stand and nothing opens: the circuit is not what it says.

it('finds a short that nothing opens and says where it flows', function (Unit $unit, string ...$through): void {
    $short = Unopened::in($unit->with());
    expect($short)->not->toBeNull();
    foreach ($through as $id) {
        expect($short?->words())->toContain($id);
    }
    expect($short?->words())->toContain('nothing opens')->toMatch('/\d+ A flow from SUP/');
})->with([
    'a dry contact across the line' => fn (): array => [Rig::of(
        'supply-split-phase, volts: 240',
        ['K' => "disconnect, closed_by: 'on'"],
        [['SUP.L1', 'K.L1'], ['K.T1', 'SUP.L2'], ['K.L2', 'SUP.G'], ['K.T2', 'SUP.G']],
        ['on' => true],
    ), 'K'],
    'a bolted supply' => fn (): array => [Rig::of('supply-split-phase, volts: 240', ['LAMP' => 'heater, volts: 240, watts: 100'], [
        ['SUP.L1', 'LAMP.1'], ['SUP.L2', 'LAMP.2'], ['SUP.L1', 'SUP.L2'],
    ]), 'w3'],
]);

it('finds two supplies that oppose each other', function (): void {
    $unit = Rig::of('supply-single-phase, volts: 120', ['S2' => 'supply-single-phase, volts: 240'], [
        ['SUP.L', 'S2.L'], ['SUP.N', 'S2.N'], ['SUP.G', 'S2.G'],
    ]);
    expect(Unopened::in($unit->with())?->words())->toContain('nothing opens');
});

it('leaves alone what a fuse or breaker opens, and every shipped unit', function (): void {
    $fused = Rig::of('supply-split-phase, volts: 240', ['FU' => 'fuse, amps: 30'], [['SUP.L1', 'FU.1'], ['FU.2', 'SUP.L2']]);
    expect(Unopened::in($fused->with()))->toBeNull();
    foreach (Unit::everyShipped() as $id) {
        expect(Unopened::in(Unit::shipped($id)->with()))->toBeNull($id);
    }
});

it('leaves alone a motor that stands locked on its supply', function (): void {
    expect(Unopened::in(Unit::cooling()->with('COMP:seized')))->toBeNull();
});

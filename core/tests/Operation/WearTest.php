<?php

declare(strict_types=1);

use Levin\Core\Operation\Run;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// What is overloaded for long burns out and stays so. How long is common practice, no published source.

/** When a run tells that a part has burnt out, seconds. */
function burns(Run $run, string $part): ?float
{
    foreach ($run->happenings as $happening) {
        if (str_starts_with($happening->moved[$part]['to'] ?? '', 'burnt out')) {
            return $happening->at;
        }
    }

    return null;
}

/** A 24 V transformer of 40 VA with a load on its secondary, watts at 24 V, and a switch that shorts it. */
function transformer(float $watts, string $fuse = ''): Unit
{
    $plate = 'primary_volts: 240, va: 40, primary_ohms: 48, secondary_ohms: 0.65';

    return Rig::of(
        'supply-single-phase, volts: 240',
        [
            'T1' => "transformer, $plate",
            'H' => "heater, volts: 24, watts: $watts",
            'J' => 'switch-1p, closed_by: shorted',
            ...($fuse === '' ? [] : ['FU' => $fuse]),
        ],
        [
            ['SUP.L', 'T1.H1'], ['SUP.N', 'T1.H2'],
            ...($fuse === '' ? [['T1.X1', 'H.1']] : [['T1.X1', 'FU.1'], ['FU.2', 'H.1']]),
            ['H.1', 'J.L1'], ['J.T1', 'H.2'], ['H.2', 'T1.X2'],
        ],
        ['shorted' => false],
    );
}

it('burns a small transformer that is shorted without a fuse in less than a minute or two, and its winding stays open', function (): void {
    $run = transformer(30)->run('until: 20 min', [], ['shorted=on']);
    $at = burns($run, 'T1');
    expect($at)->toBeGreaterThan(5)->toBeLessThan(120)
        ->and($run->end->voltsOver('H'))->toBeLessThan(0.5)
        // cooling brings nothing back
        ->and($run->end->faults->ids())->toBe(['T1:primary-open']);
});

it('spares the transformer when a fuse is there to blow, and when it has no more to carry than its plate', function (): void {
    $fused = transformer(30, 'fuse, amps: 3, curve: fast')->run('until: 20 min', [], ['shorted=on']);
    expect(burns($fused, 'T1'))->toBeNull()->and($fused->end->states['FU'])->toBe('blown')
        ->and(burns(transformer(39)->run('until: 8 h'), 'T1'))->toBeNull();
});

it('burns a start capacitor that its relay does not take out', function (): void {
    $run = Unit::shipped('freezer-pump-down')->run('until: 20 min', ['PR:start-welded']);
    expect(burns($run, 'SC'))->toBeGreaterThan(5)->toBeLessThan(240)
        ->and(burns(Unit::shipped('freezer-pump-down')->run('until: 20 min'), 'SC'))->toBeNull();
});

it('burns a 24 V coil on 120 V in a minute or so, and lets one on its own voltage be for ever', function (float $volts, bool $burns): void {
    $run = Rig::of(
        "supply-single-phase, volts: $volts",
        ['K' => 'relay-spst, coil_volts: 24, coil_ohms: 17, sealed_va: 5, inrush_va: 11'],
        [['SUP.L', 'K.1'], ['SUP.N', 'K.3'], ['K.2', 'SUP.G'], ['K.4', 'SUP.G']],
    )->run('until: 8 h');
    $at = burns($run, 'K');
    expect($at !== null)->toBe($burns)->and($at ?? 30.0)->toBeLessThan(120)->toBeGreaterThan(3)
        ->and($run->end->observed('K'))->toBe($burns ? 'dropped out' : 'pulled in');
})->with([[24.0, false], [26.4, false], [120.0, true], [240.0, true]]);

it('burns a coil whose armature sticks open: it draws its inrush for ever', function (): void {
    $run = Rig::of(
        'supply-single-phase, volts: 24',
        ['K' => 'relay-spst, coil_volts: 24, coil_ohms: 17, sealed_va: 5, inrush_va: 11'],
        [['SUP.L', 'K.1'], ['SUP.N', 'K.3'], ['K.2', 'SUP.G'], ['K.4', 'SUP.G']],
    )->run('until: 2 h', ['K:stuck-open']);
    expect(burns($run, 'K'))->toBeGreaterThan(60)->toBeLessThan(3600);
});

it('burns a run capacitor that stands at far more than it is marked for, and no healthy one at what it is', function (): void {
    $at = fn (float $volts, float $marked): ?float => burns(Rig::of(
        "supply-single-phase, volts: $volts",
        ['RC' => "capacitor-run, run_uf: 10, volts: $marked"],
        [['SUP.L', 'RC.1'], ['SUP.N', 'RC.2']],
    )->run('until: 12 h'), 'RC');
    // 1.1 of its rating it must stand all the time (IEC 60252-1, from memory)
    expect($at(370.0, 370.0))->toBeNull()->and($at(407.0, 370.0))->toBeNull()->and($at(480.0, 240.0))->toBeLessThan(3600);
});

it('keeps what has burnt out so after power has been off, until it is mended', function (): void {
    $unit = transformer(30);
    $script = "until: 30 min\nevents: [{ at: 10 min, set: { shorted: off } }, { at: 20 min, mend: ['T1:primary-open'] }]\n";
    $run = $unit->run($script, [], ['shorted=on']);
    $warms = fn (float $from, float $to): array => array_filter(
        $run->happenings, fn ($h): bool => $h->at >= $from && $h->at < $to && $h->amps['H'] > 1.0,
    );
    expect($warms(600, 1199))->toBe([])->and($run->end->voltsOver('H'))->toBeGreaterThan(22);
});

it('has nothing burn in any shipped unit that works as it should, for an hour', function (string $id): void {
    expect(Unit::shipped($id)->run('until: 1 h')->end->faults->isEmpty())->toBeTrue();
})->with(Unit::everyShipped());

<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\NgSpice;
use Levin\Core\Tests\Support\Unit;

// The independent check of the whole electrical core: every node of the exported netlist, solved by ngspice.

dataset('shipped', Unit::everyShipped());

/** @param  array<string, float>  $differences */
function expectAgreement(array $differences): void
{
    arsort($differences);
    $worst = array_key_first($differences);
    expect($differences[$worst])->toBeLessThan(1e-6, "$worst differs by {$differences[$worst]}");
}

it('agrees with ngspice at every node of a shipped unit, healthy, under each of its conditions', function (string $id): void {
    $unit = Unit::shipped($id);
    $settled = ['as it should run' => $unit->with(), 'power off' => $unit->settle($unit->off())];
    foreach ($unit->model()->circuit->conditions as $condition) {
        $settled[$condition->name] = $unit->settle($unit->conditions([$condition->name => ! $condition->default]));
    }
    expect(count($settled))->toBeGreaterThan(5);
    expectAgreement(NgSpice::worstDifferences($settled));
})->with('shipped');

it('agrees with ngspice at every node with each part and wire failed in turn', function (string $id): void {
    $unit = Unit::shipped($id);
    foreach (array_chunk(array_keys($unit->model()->faults->all), 64) as $faults) {
        $settled = [];
        foreach ($faults as $fault) {
            $settled[$fault] = $unit->with($fault);
        }
        expectAgreement(NgSpice::worstDifferences($settled));
    }
    expect(count($unit->model()->faults->all))->toBeGreaterThan(100);
})->with('shipped');

it('agrees with ngspice with leads lifted, parts out, jumpers on and several faults at once', function (): void {
    $cooling = Unit::cooling();
    $rooftop = Unit::shipped('rooftop-460');
    $jumpered = Unit::of($rooftop->model()->circuit->jumping('LV.R', 'CC1.A')->jumping('HP2.1', 'FZ2.2'));
    $miswired = Unit::of($rooftop->model()->circuit->swapping('w20', 'w21'));
    $settled = [
        'lead lifted' => $cooling->settle($cooling->conditions()->lifting(['w42']), ['CAP:herm-weak', 'w43:open']),
        'fuse pulled' => $cooling->settle($cooling->conditions()->removing(['FU2']), ['w10:loose=2', 'COMP:leaky=40000']),
        'unplugged' => $rooftop->settle($rooftop->conditions()->removing(['PL1']), ['IBM:winding2-open', 'SUP:l3-lost', 'OFM1:dragging']),
        'jumpered' => $jumpered->with('UCB:dead'),
        'two phases swapped at a compressor' => $miswired->with('COMP2:grounded=300'),
    ];
    expectAgreement(NgSpice::worstDifferences($settled));
    expect($miswired->with()->observed('COMP1'))->toBe('runs backwards');
});

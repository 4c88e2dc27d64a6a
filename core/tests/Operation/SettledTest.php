<?php

declare(strict_types=1);

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Complex;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

/** A transformer of 240 to 24 V under a load, behind a switch and a fuse. */
function transformerBench(): Unit
{
    return Rig::of(
        'supply-split-phase, volts: 240, source_ohms: 0.001',
        [
            'SW' => 'disconnect, closed_by: sw',
            'T' => 'transformer, primary_volts: 240, va: 40, primary_ohms: 48, secondary_ohms: 0.65',
            'FU' => 'fuse, amps: 5',
            'R' => 'resistor, ohms: 24',
        ],
        [
            ['SUP.L1', 'SW.L1'], ['SW.T1', 'T.H1'], ['T.X1', 'FU.1'], ['FU.2', 'R.1'], ['R.2', 'T.X2'],
            ['T.H2', 'SW.T2'], ['SW.L2', 'SUP.L2'],
        ],
        ['sw' => true],
    );
}

it('sends into every terminal what its wires bring (Kirchhoff)', function (Unit $unit, array $faults): void {
    $settled = $unit->with(...$faults);
    $circuit = $unit->model()->circuit;
    foreach ($circuit->points() as $point) {
        $part = $circuit->partAt($point);
        $sum = $settled->currentInto($part->id, substr($point, strlen($part->id) + 1));
        foreach ($circuit->wiresAt($point) as $wire) {
            $sum = $sum->plus($settled->wireCurrent($wire->id)->scaled($wire->from === $point ? 1.0 : -1.0));
        }
        // what strays through insulation and from conductor to conductor is less than a milliampere; at earth it all comes back
        if ($point !== $circuit->earth && ! str_ends_with($point, '.G')) {
            expect($sum->abs())->toBeLessThan(1e-3, "$point has {$sum->abs()} A left over");
        }
    }
})->with(function (): array {
    $cases = ['bench' => [transformerBench(), []]];
    foreach (Unit::everyShipped() as $id) {
        $cases[$id] = [Unit::shipped($id), []];
    }

    return [...$cases, 'the cooling unit with a grounded compressor' => [Unit::cooling(), ['COMP:grounded']]];
});

it('takes into one end of a load what comes out of the other, and the largest is what a clamp finds', function (): void {
    $settled = transformerBench()->with();
    $in = $settled->currentInto('R', '1');
    expect($in->plus($settled->currentInto('R', '2'))->abs())->toBeLessThan(1e-9)
        ->and($settled->currentOf('R'))->toEqualWithDelta($in->abs(), 1e-6)
        // Ohm's law
        ->and($in->abs())->toEqualWithDelta($settled->between('R.1', 'R.2')->abs() / 24, 1e-6)
        ->and($in->re)->toBeGreaterThan(0.5)
        ->and(fn (): Complex => $settled->currentInto('R', '3'))->toThrow(UnknownName::class, 'R.3');
});

it('draws in a primary the amperes of its secondary by the turns, and what magnetises it', function (): void {
    $settled = transformerBench()->with();
    $secondary = $settled->currentInto('T', 'X1');
    $primary = $settled->currentInto('T', 'H1');
    // 240 to 24 V is ten turns to one, a little under for the drop that its maker allowed for
    expect($secondary->re)->toBeLessThan(0.0)->and($primary->re)->toBeGreaterThan(0.0)
        ->and($primary->re)->toBeGreaterThan(-$secondary->re / 10)->toBeLessThan(-$secondary->re / 10 * 1.35)
        ->and($settled->currentInto('T', 'H2')->plus($primary)->abs())->toBeLessThan(1e-4);
});

it('conducts where metal touches: a closed switch and a whole fuse, not a winding, an open switch or a blown fuse', function (): void {
    $unit = transformerBench();
    $on = $unit->with();
    $off = $unit->settle($unit->conditions(['sw' => false]));
    expect($on->conducts('SW', 'SW.L1', 'SW.T1'))->toBeTrue()->and($on->conducts('SW', 'SW.T1', 'SW.L1'))->toBeTrue()
        ->and($on->conducts('SW', 'SW.L1', 'SW.T2'))->toBeFalse()
        ->and($off->conducts('SW', 'SW.L1', 'SW.T1'))->toBeFalse()
        ->and($on->conducts('FU', 'FU.1', 'FU.2'))->toBeTrue()
        ->and($unit->with('FU:blown')->conducts('FU', 'FU.1', 'FU.2'))->toBeFalse()
        ->and($on->conducts('T', 'T.H1', 'T.H2'))->toBeFalse()
        ->and($on->conducts('R', 'R.1', 'R.2'))->toBeFalse();
});

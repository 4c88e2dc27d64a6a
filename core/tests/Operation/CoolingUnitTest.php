<?php

declare(strict_types=1);

use Levin\Core\Operation\Energy;
use Levin\Core\Tests\Support\Unit;

// Facts of the trade about a split cooling unit on a one-pole contactor. Common practice, no published source, unless named.

it('runs when called and draws its plate current', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with();
    expect($settled->observed('COMP'))->toBe('runs')
        ->and($settled->observed('OFM'))->toBe('runs')
        ->and($settled->observed('IBM'))->toBe('runs')
        ->and($settled->observed('CC'))->toBe('pulled in')
        ->and($settled->chattering)->toBe([])
        // at 237 V instead of 240 the currents are within 3 % of the plate
        ->and($settled->wireCurrent('w11')->abs())->toEqualWithDelta(14.1, 0.45)
        ->and($settled->wireCurrent('w16')->abs())->toEqualWithDelta(1.1, 0.04);
});

it('keeps one leg of the one-pole contactor hot with the contactor out', function (): void {
    $unit = Unit::cooling();
    $off = $unit->settle($unit->conditions(['call_cool' => false]));
    expect($off->observed('CC'))->toBe('dropped out')
        ->and($unit->volts('CC.L2', 'GND.1', $off))->toBeGreaterThan(115)
        ->and($unit->volts('COMP.C', 'GND.1', $off))->toBeGreaterThan(115)
        // the crankcase heater feeds the open leg back: it reads to ground and to L1, and nothing runs
        ->and($unit->volts('CC.T1', 'GND.1', $off))->toBeGreaterThan(100)
        ->and($unit->volts('CC.L1', 'CC.T1', $off))->toBeGreaterThan(230)
        ->and($off->observed('COMP'))->toBe('silent')
        ->and(Energy::ofPoints($off)['CC.T1'])->toBe(Energy::BackFed)
        ->and(Energy::ofPoints($off)['COMP.C'])->toBe(Energy::Live);
});

it('feeds the dead leg back through the loads when one fuse is blown', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('FU2:blown');
    expect($unit->volts('FU2.2', 'GND.1', $settled))->toBeGreaterThan(100)
        ->and($unit->volts('FU1.2', 'GND.1', $settled))->toBeGreaterThan(100)
        ->and($unit->volts('FU1.2', 'FU2.2', $settled))->toBeLessThan(1)
        ->and($unit->volts('FU2.1', 'FU2.2', $settled))->toBeGreaterThan(230)
        ->and(Energy::ofPoints($settled)['FU2.2'])->toBe(Energy::BackFed);
});

it('has nothing on the 24 V side when the transformer primary is open', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('T1:primary-open');
    expect($unit->volts('T1.H1', 'T1.H2', $settled))->toBeGreaterThan(235)
        ->and($unit->volts('T1.X1', 'T1.X2', $settled))->toBeLessThan(0.1)
        ->and($settled->observed('CC'))->toBe('dropped out');
});

it('puts source voltage across an open switch and none across the load', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('HP:open');
    expect($unit->volts('HP.1', 'HP.2', $settled))->toEqualWithDelta(26.7, 0.2)
        ->and($unit->volts('CC.A', 'CC.B', $settled))->toBeLessThan(0.1)
        ->and($unit->volts('LP.1', 'LP.2', $settled))->toBeLessThan(0.1);
});

it('reads 0 V between two points that are both dead and between two on the same leg', function (): void {
    $unit = Unit::cooling();
    $off = $unit->settle($unit->off());
    expect($unit->volts('CC.L1', 'CC.L2', $off))->toBeLessThan(0.1)
        ->and($unit->volts('CC.L1', 'FU1.2'))->toBeLessThan(0.5)
        ->and($unit->volts('CC.L1', 'GND.1'))->toBeGreaterThan(115);
});

it('hums and does not turn without its start winding', function (string $fault): void {
    $settled = Unit::cooling()->with($fault);
    expect($settled->observed('COMP'))->toBe('hums')
        // locked-rotor current, less the supply's drop: several times full load
        ->and($settled->wireCurrent('w10')->abs())->toBeGreaterThan(4 * 14.1);
})->with(['capacitor section open' => 'CAP:herm-open', 'start winding open' => 'COMP:start-open', 'start lead off' => 'w12:open']);

it('draws more in the run winding and less in the start winding on a weak capacitor', function (): void {
    $unit = Unit::cooling();
    $healthy = $unit->with();
    $weak = $unit->with('CAP:fan-weak');
    expect($weak->observed('OFM'))->toBe('runs')
        ->and($weak->wireCurrent('w15')->abs())->toBeLessThan(0.7 * $healthy->wireCurrent('w15')->abs());
});

it('measures the capacitor under load by 2652·I/V', function (): void {
    // C[µF] = 10⁶·I/(2πf·V), ≈ 2652·I/V at 60 Hz, V across the capacitor and I in its own lead (physics)
    $unit = Unit::cooling();
    $settled = $unit->with();
    $amps = $settled->wireCurrent('w12')->abs();
    expect(2652 * $amps / $unit->volts('CAP.C', 'CAP.HERM', $settled))->toEqualWithDelta(40.0, 0.1)
        ->and(10 ** 6 / (2 * M_PI * 60))->toEqualWithDelta(2652.6, 0.1);
});

it('blows the control fuse on a short to ground on the 24 V side and leaves the blower dead', function (): void {
    $settled = Unit::cooling()->with('w20:grounded');
    expect($settled->states['FU3'])->toBe('blown')
        ->and($settled->observed('IBM'))->toBe('silent');
});

it('blows a line fuse on a grounded compressor', function (): void {
    $settled = Unit::cooling()->with('COMP:grounded');
    expect([$settled->states['FU1'], $settled->states['CB1']])->toContain('blown');
});

it('still has power at the air handler with the outdoor disconnect pulled', function (): void {
    // turning off the unit's disconnect does not kill a separate control or evaporator-fan feed
    $unit = Unit::cooling();
    $settled = $unit->settle($unit->conditions(['disconnect' => false]));
    expect($unit->volts('CC.L1', 'CC.L2', $settled))->toBeLessThan(0.1)
        ->and($unit->volts('LV.Y', 'LV.C', $settled))->toBeGreaterThan(24)
        ->and($unit->volts('IBM.C', 'GND.1', $settled))->toBeGreaterThan(115);
});

it('drops the secondary of the transformer by its winding resistance under load', function (): void {
    // regulation: V₂ = V₂₀ − I·(R₂ + n²R₁) for a resistive load, leakage left out (transformer theory, worked by hand)
    $unit = Unit::cooling();
    $settled = $unit->with();
    $idle = $unit->settle($unit->conditions(['call_cool' => false, 'call_fan' => false]));
    $drop = $unit->volts('T1.X1', 'T1.X2', $idle) - $unit->volts('T1.X1', 'T1.X2', $settled);
    $amps = $settled->wireCurrent('w40')->abs();
    $series = 0.65 + (26.8 / 240) ** 2 * 48;
    expect($unit->volts('T1.X1', 'T1.X2', $idle))->toEqualWithDelta(26.8 * $unit->volts('T1.H1', 'T1.H2', $idle) / 240, 0.02)
        ->and($drop)->toBeLessThan($amps * $series)
        ->and($drop)->toBeGreaterThan(0.15 * $amps * $series);
});

it('obeys Kirchhoff at every point: what flows in by wires flows out by the part', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->with('CAP:herm-open');
    // at a splice nothing but wires meet, so their currents add up to nothing but stray capacitance
    foreach (['AH.Y', 'AH.R', 'LV.Y', 'LV.C'] as $point) {
        $re = $im = 0.0;
        foreach ($unit->model()->circuit->wiresAt($point) as $wire) {
            $amps = $settled->wireCurrent($wire->id)->scaled($wire->from === $point ? 1 : -1);
            $re += $amps->re;
            $im += $amps->im;
        }
        expect(hypot($re, $im))->toBeLessThan(1e-5);
    }
});

it('does not depend on the order of the parts in the file', function (): void {
    $text = (string) file_get_contents(Unit::COOLING);
    preg_match('/^parts:\n((?:  .*\n)+)/m', $text, $m);
    $reversed = implode("\n", array_reverse(explode("\n", rtrim($m[1]))))."\n";
    $other = Unit::fromText(str_replace($m[1], $reversed, $text));
    foreach (['FU2:blown', 'HP:open', 'CAP:herm-open'] as $fault) {
        foreach (['CC.T1', 'COMP.S', 'LV.Y', 'IBM.S'] as $point) {
            expect($other->with($fault)->at($point)->abs())->toEqualWithDelta(Unit::cooling()->with($fault)->at($point)->abs(), 1e-6);
        }
    }
});

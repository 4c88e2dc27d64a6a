<?php

declare(strict_types=1);

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\Settler;
use Levin\Core\Operation\Situation;
use Levin\Core\Tests\Support\Unit;

/**
 * @param  list<string>  $when
 * @param  list<string>  $faults
 */
function situation(string $id, array $when, array $faults = []): Levin\Core\Operation\Settled
{
    $situation = Situation::of(Unit::shipped($id)->model()->circuit, $when, $faults);

    return (new Settler($situation->model))->settle($situation->conditions, $situation->faults);
}

it('sets quantities, pulls fuses, parts plugs and puts jumpers on', function (): void {
    expect(situation('heat-pump', ['head_pressure=4500'])->observed('COMP'))->toBe('silent')
        ->and(situation('split-cooling', ['removed=FU1'])->observed('COMP'))->toBe('silent')
        ->and(situation('air-handler-electric', ['removed=PL'])->observed('IBM'))->toBe('still')
        ->and(situation('split-cooling', ['call_cool=off', 'jumper=TST.R~TST.Y'])->observed('COMP'))->toBe('runs')
        ->and(situation('split-cooling', ['call_cool=off', 'jumper=TST.R~TST.Y'])->wireCurrent('jumper1')->abs())->toBeGreaterThan(0.1);
});

it('fits wrong parts and swaps wires', function (): void {
    // a coil for 240 V on 24 V does not pull in; a fuse far too small melts; a compressor turns backwards
    expect(situation('split-cooling', [], ['CC:coil_volts=240'])->observed('COMP'))->toBe('silent')
        ->and(situation('split-cooling', [], ['FU1:amps=1', 'FU1:melts_at=2'])->states['FU1'])->toBe('blown')
        ->and(situation('two-circuit-fan-cycling', [], ['w14+w15:swapped'])->observed('COMP1'))->toBe('runs backwards')
        ->and(situation('split-cooling', [], ['T1:primary_volts=208'])->between('T1.X1', 'T1.X2')->abs())->toBeGreaterThan(29);
});

it('takes several faults at once and how bad each is', function (): void {
    $one = situation('split-cooling', [], ['w24:loose=8', 'COMP:dragging=0.3']);
    $worse = situation('split-cooling', [], ['w24:loose=40', 'COMP:dragging=0.3']);
    expect($one->observed('CC'))->toBe('pulled in')->and($worse->observed('CC'))->toBe('dropped out')
        ->and($one->currentOf('COMP'))->toBeGreaterThan(situation('split-cooling', [])->currentOf('COMP') * 1.1);
});

it('says what cannot be, and what would do', function (array $when, array $faults, string $message): void {
    expect(fn () => situation('split-cooling', $when, $faults))->toThrow(DomainException::class, $message);
})->with([
    [['head_pressure=high'], [], 'is a quantity'],
    [['head_presure=4000'], [], 'Did you mean head_pressure'],
    [['call_cool=perhaps'], [], 'call_cool=on or call_cool=off'],
    [['lifted=w999'], [], 'no wire'],
    [['jumper=TST.R~TST.Q'], [], 'no point'],
    [[], ['w24:loose=many'], 'not an amount'],
    [[], ['HP:open=3'], 'has no degrees'],
    [[], ['FU1:amps=5000'], 'from 0.1 to 600'],
    [[], ['FU1:curve=slow'], 'time-delay, fast'],
    [[], ['w1+w60:swapped'], 'no wire'],
    [[], ['w1+w24:swapped'], 'no part in common'],
    [[], ['COMP:lra=400'], 'cannot flow'],
]);

it('names a fault that is not there and the nearest that is', function (): void {
    expect(fn () => situation('gas-furnace', [], ['HSI:craked']))->toThrow(UnknownName::class, 'HSI:cracked');
});

<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Capacitors\ByMeter;
use Levin\Core\Checks\Capacitors\DualCapacitor;
use Levin\Core\Checks\Capacitors\Replacement;
use Levin\Core\Checks\Capacitors\StartCapacitor;
use Levin\Core\Checks\Capacitors\Tolerance;
use Levin\Core\Checks\Capacitors\UnderLoad;

it('knows 2652·I/V at 60 Hz and 3183·I/V at 50 Hz', function (): void {
    // C = I/(2πf·V) [physics]; the rounded constants are common practice
    expect(UnderLoad::farads(5.5, 370.0, 60.0))->toEqualWithDelta(2652e-6 * 5.5 / 370, 1e-8)
        ->and(UnderLoad::farads(5.5, 370.0, 50.0))->toEqualWithDelta(3183e-6 * 5.5 / 370, 1e-8);
});

it('gives back the current that so many farads take', function (float $farads, float $volts): void {
    // I = 2πf·C·V, the inverse [physics]
    expect(UnderLoad::farads(2 * M_PI * 60 * $farads * $volts, $volts, 60.0))->toEqualWithDelta($farads, 1e-12);
})->with([[5e-6, 440.0], [7.5e-6, 370.0], [45e-6, 330.0], [80e-6, 420.0]]);

it('holds a capacitor within what it is marked, at, under and over the limit', function (
    string $read,
    string $tolerance,
    Verdict $verdict,
): void {
    // classes ±5 % and ±10 % of IEC 60252-1, ±6 % as is usual in North America (from memory); the meter's 1.9 % + 2 counts is practice
    expect((new ByMeter)->of(['marked' => '40', 'read' => $read, 'tolerance' => $tolerance])->verdict)->toBe($verdict);
})->with([
    ['40', '±6 %', Verdict::Good], ['38.4', '±6 %', Verdict::Good], ['37.6', '±6 %', Verdict::Watch], ['37.0', '±6 %', Verdict::Watch],
    ['36.8', '±6 %', Verdict::Bad], ['43.3', '±6 %', Verdict::Bad], ['42.4', '±6 %', Verdict::Watch], ['37.0', '±5 %', Verdict::Bad],
    ['37.2', '±10 %', Verdict::Good], ['35.2', '±10 %', Verdict::Bad], ['35.2', 'shop: −10 %', Verdict::Bad],
    ['OL', '±6 %', Verdict::Bad], ['0', '±6 %', Verdict::Bad],
]);

it('asks the meter first when it is an order of magnitude off', function (string $read, Verdict $verdict): void {
    // a decimal, or nF for µF (common practice, no published source)
    expect((new ByMeter)->of(['marked' => '40', 'read' => $read])->verdict)->toBe($verdict);
})->with([
    ['4.0', Verdict::CannotSay], ['400', Verdict::CannotSay], ['0.04', Verdict::CannotSay], ['210', Verdict::CannotSay],
    ['20', Verdict::Bad], ['8', Verdict::Bad],
]);

it('refuses a mark that is over the range or nothing', function (string $marked, string $message): void {
    expect(fn () => (new ByMeter)->of(['marked' => $marked, 'read' => '4']))->toThrow(BadGiven::class, $message);
})->with([['OL', 'marked cannot be OL'], ['0', 'marked cannot be zero']]);

it('is bad by its looks whatever it reads', function (string $looks): void {
    expect((new ByMeter)->of(['marked' => '40', 'read' => '40', 'looks' => $looks])->verdict)->toBe(Verdict::Bad);
})->with(['bulged', 'leaking', 'rusted through']);

it('judges by volts and amperes as by the meter', function (string $amps, Verdict $verdict): void {
    expect((new UnderLoad)->of(['marked' => '40', 'volts' => '370', 'amps' => $amps])->verdict)->toBe($verdict);
})->with([['5.58', Verdict::Good], ['4.0', Verdict::Bad], ['0', Verdict::Bad]]);

it('finds on the truck one, or two in parallel, that has its microfarads', function (array $truck, string $says): void {
    // capacitances in parallel add [physics]
    expect(Replacement::of(45e-6, array_map(static fn (float $uf): float => $uf * 1e-6, $truck), Tolerance::marked()))->toStartWith($says);
})->with([
    [[5.0, 40.0, 45.0], 'On the truck: 45 µF,'], [[5.0, 10.0, 40.0], 'On the truck: 5 µF and 40 µF in parallel'],
    [[5.0, 10.0], 'Nothing on the truck'], [[44.0, 45.5], 'On the truck: 45.5 µF,'],
]);

it('judges both sections of a dual one, and whether its three readings fit together', function (
    array $read,
    Verdict $is,
    string $says,
): void {
    // in a row 1/C = 1/C₁ + 1/C₂ [physics]: 40 and 5 µF are 4.44 µF
    $judgement = (new DualCapacitor)->of(['herm' => '40', 'fan' => '5', ...$read]);
    expect($judgement->verdict)->toBe($is)->and(implode(' ', $judgement->findings))->toContain($says);
})->with([
    [['c_herm' => '39.8', 'c_fan' => '5.0', 'herm_fan' => '4.4'], Verdict::Good, 'fit together'],
    [['c_herm' => '39.8', 'c_fan' => '5.0', 'herm_fan' => '3.6'], Verdict::CannotSay, 'do not fit together'],
    [
        ['c_herm' => '39.8', 'c_fan' => '3.1', 'truck' => '5 7.5'],
        Verdict::Bad,
        'FAN has 62 % of its mark. For a single in its place: on the truck: 5 µF',
    ],
    [['c_herm' => 'OL', 'c_fan' => '5.0'], Verdict::Bad, 'HERM is open'],
    [['c_herm' => '5', 'c_fan' => '40'], Verdict::CannotSay, 'swapped'],
    [['c_herm' => '40', 'looks' => 'bulged'], Verdict::Bad, 'Bulged'], [['c_fan' => '5.0'], Verdict::Good, 'FAN is good'],
    [[], Verdict::CannotSay, 'one of its readings'],
]);

it('takes any dual one apart again from its readings in a row', function (float $herm, float $fan): void {
    $both = $herm * $fan / ($herm + $fan);
    $uf = static fn (float $farads): string => (string) round($farads, 3);
    $given = ['herm' => $uf($herm), 'fan' => $uf($fan), 'c_herm' => $uf($herm), 'c_fan' => $uf($fan), 'herm_fan' => $uf($both)];
    expect((new DualCapacitor)->of($given)->verdict)->toBe(Verdict::Good);
})->with([[30.0, 5.0], [35.0, 7.5], [45.0, 10.0], [80.0, 12.5]]);

it('refuses a dual one whose marks are swapped, and a range that is none', function (): void {
    expect(fn () => (new DualCapacitor)->of(['herm' => '5', 'fan' => '40']))->toThrow(BadGiven::class, 'swapped')
        ->and(fn () => (new StartCapacitor)->of(['low' => '227', 'high' => '189']))->toThrow(BadGiven::class, 'smaller number');
});

it('holds a start capacitor within its range, at, under and over its ends', function (string $read, Verdict $is): void {
    // a start capacitor is marked as a range, such as 189–227 µF: its own plate
    expect((new StartCapacitor)->of(['low' => '189', 'high' => '227', 'read' => $read])->verdict)->toBe($is);
})->with([
    ['208', Verdict::Good], ['190', Verdict::Watch], ['189', Verdict::Watch], ['183', Verdict::Bad], ['226', Verdict::Watch],
    ['233', Verdict::Bad], ['OL', Verdict::Bad], ['20.8', Verdict::CannotSay], ['120', Verdict::Bad],
]);

it('looks at what kills start capacitors', function (array $given, Verdict $is, string $says): void {
    // 15 kΩ across it, seconds in circuit, twenty starts an hour: common practice, no published source
    $judgement = (new StartCapacitor)->of(['low' => '189', 'high' => '227', ...$given]);
    expect($judgement->verdict)->toBe($is)->and(implode(' ', $judgement->findings))->toContain($says);
})->with([
    [['bleed' => '15k'], Verdict::Good, 'Its resistor is right'], [['bleed' => 'OL'], Verdict::Watch, 'open or too large'],
    [['bleed' => '20.1k'], Verdict::Watch, 'open or too large'], [['bleed' => '9.9k'], Verdict::Watch, 'too small'],
    [['seconds' => '3'], Verdict::Good, 'out again in time'], [['seconds' => '3.1'], Verdict::Bad, 'too long'],
    [['starts' => '20'], Verdict::Good, 'in time'], [['starts' => '21'], Verdict::Watch, 'too often'],
    [['looks' => 'cracked'], Verdict::Bad, 'Cracked'],
]);

<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Conductors\CopperWire;
use Levin\Core\Checks\Conductors\FuseAndWire;
use Levin\Core\Tests\Support\Figures;

it('has what copper may carry, and its ohms', function (string $gauge, float $at60, float $at75, float $ohms): void {
    // NEC table 310.16, copper, 60 and 75 °C; chapter 9 table 8, uncoated stranded, ohms of 1000 ft (both from memory)
    $wire = CopperWire::from($gauge);
    expect($wire->amps(false))->toBe($at60)->and($wire->amps(true))->toBe($at75)->and($wire->ohms(304.8))->toEqualWithDelta($ohms, 1e-9);
})->with([
    ['14', 15.0, 20.0, 3.14], ['12', 20.0, 25.0, 1.98], ['10', 30.0, 35.0, 1.24], ['8', 40.0, 50.0, 0.778], ['6', 55.0, 65.0, 0.491],
    ['4', 70.0, 85.0, 0.308], ['3', 85.0, 100.0, 0.245], ['2', 95.0, 115.0, 0.194], ['1', 110.0, 130.0, 0.154],
    ['1/0', 125.0, 150.0, 0.122],
    ['2/0', 145.0, 175.0, 0.0967], ['3/0', 165.0, 200.0, 0.0766], ['4/0', 195.0, 230.0, 0.0608],
]);

it('has ohms that go with the area: three gauges are twice as much', function (): void {
    // each gauge is 1.1229 times as thick as the next: three of them double the area (ASTM B258, from memory)
    foreach ([['14', '8', 4.0], ['12', '6', 4.0], ['10', '4', 4.0], ['8', '2', 4.0], ['4', '1', 2.0],
        ['1', '3/0', 2.0]] as [$thin, $thick, $times]) {
        expect(CopperWire::from($thin)->ohms(1.0) / CopperWire::from($thick)->ohms(1.0))->toEqualWithDelta($times, 0.06 * $times);
    }
});

it('finds the thinnest wire that carries so much', function (float $amps, ?string $gauge): void {
    expect(CopperWire::carrying($amps, true)?->value)->toBe($gauge);
})->with([[0.1, '14'], [20.0, '14'], [20.1, '12'], [50.0, '8'], [50.1, '6'], [230.0, '4/0'], [230.1, null]]);

it('sizes a circuit from its loads', function (array $given, Verdict $is, string $headline): void {
    // a compressor of 18 A and a fan of 1.5 A: 1.25 · 18 + 1.5 = 24 A; 2.25 · 18 + 1.5 = 42, the next size down 40 A (NEC 440.22,
    // 440.33, 240.6(A))
    $judgement = (new FuseAndWire)->of(['compressor' => '18', 'motors' => '1.5', ...$given]);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline)
        ->and(Figures::of($judgement, 'minimum ampacity'))->toEqualWithDelta(24.0, 1e-9)
        ->and(Figures::of($judgement, 'largest fuse or breaker'))->toBe(40.0);
})->with([
    [[], Verdict::CannotSay, 'So much it takes, and no larger a fuse; what is fitted was not said'],
    [['fitted' => '40', 'gauge' => '10'], Verdict::Good, 'Fuse and wire good'],
    [['fitted' => '45'], Verdict::Bad, 'Overfused: the wire and the motor are not protected'],
    [['fitted' => '20'], Verdict::Watch, 'Smaller than its loads: it will open with nothing wrong'],
    [['gauge' => '12', 'fitted' => '40'], Verdict::Good, 'Fuse and wire good'], [['gauge' => '14'], Verdict::Bad, 'The wire is too thin'],
    [['gauge' => '12', 'terminals' => '60 °C'], Verdict::Bad, 'The wire is too thin'],
    // metric sizes as the gauge that is no thicker: 6 mm² as AWG 10, 4 mm² as AWG 12
    [['gauge' => '6 mm²', 'fitted' => '40'], Verdict::Good, 'Fuse and wire good'],
    [['gauge' => '4 mm²', 'terminals' => '60 °C'], Verdict::Bad, 'The wire is too thin'],
    [['gauge' => '10', 'fitted' => '40', 'terminals' => '60 °C'], Verdict::Good, 'Fuse and wire good'],
    // 80 % of the device for hours: NEC 210.20(A) (from memory)
    [['fitted' => '25', 'gauge' => '10', 'running' => '20'], Verdict::Good, 'Fuse and wire good'],
    [['fitted' => '25', 'running' => '20.1'], Verdict::Watch, 'Runs near its fuse: one hot day opens it'],
]);

it('lets the plate come first', function (): void {
    $judgement = (new FuseAndWire)->of(['compressor' => '18', 'mca' => '26.5', 'mop' => '45', 'fitted' => '45', 'gauge' => '8']);
    expect($judgement->verdict)->toBe(Verdict::Good)->and(Figures::of($judgement, 'minimum ampacity'))->toBe(26.5)
        ->and(Figures::of($judgement, 'largest fuse or breaker'))->toBe(45.0)->and($judgement->limits[0]->source->words)
        ->toContain('plate');
});

it('works out what is lost on the way', function (): void {
    // AWG 12, 100 ft, 16 A: 2 · 0.198 · 16 = 6.34 V of 120 V; on three phases √3 · 0.198 · 16 = 5.49 V [physics]; 3 %: NEC 210.19(A), note
    $given = ['mca' => '16', 'gauge' => '12', 'length' => '100', 'volts' => '120', 'running' => '16'];
    $one = (new FuseAndWire)->of($given);
    expect(Figures::of($one, 'lost on the way'))->toEqualWithDelta(6.336, 1e-3)->and($one->verdict)->toBe(Verdict::Watch)
        ->and(Figures::of((new FuseAndWire)->of([...$given, 'phases' => 'three', 'volts' => '208']),
            'lost on the way'))->toEqualWithDelta(5.487, 1e-3)
        ->and((new FuseAndWire)->of([...$given, 'volts' => '240'])->verdict)->toBe(Verdict::Good)
        ->and(Figures::of((new FuseAndWire)->of([...$given, 'length' => '30.48 m']), 'lost on the way'))->toEqualWithDelta(6.336, 1e-3);
});

it('refuses what no circuit has, and says what it lacks', function (): void {
    expect((new FuseAndWire)->of([])->verdict)->toBe(Verdict::CannotSay)
        ->and(fn () => (new FuseAndWire)->of(['compressor' => '-18']))->toThrow(BadGiven::class, 'no current below nothing')
        ->and(fn () => (new FuseAndWire)->of(['gauge' => '5/0']))->toThrow(BadGiven::class, 'copper wire')
        ->and(fn () => (new FuseAndWire)->of(['length' => '60 V']))->toThrow(BadGiven::class, 'is not a unit of length')
        ->and(fn () => (new FuseAndWire)->of(['motors' => '1 OL']))->toThrow(BadGiven::class);
});

<?php

declare(strict_types=1);

use Levin\Core\Checks\Air\AirFlow;
use Levin\Core\Checks\Air\ExternalStatic;
use Levin\Core\Checks\Air\FanLaws;
use Levin\Core\Checks\Air\StandardAir;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Tests\Support\Figures;

it('has air, pressure and power of a fan at another speed', function (float $to, float $flow, float $pressure, float $power): void {
    // AMCA 201, fan laws (from memory): ratios of speed, its square and its cube
    $laws = new FanLaws(1000.0, $to);
    expect($laws->flow(1.0))->toEqualWithDelta($flow, 1e-9)->and($laws->pressure(1.0))->toEqualWithDelta($pressure, 1e-9)
        ->and($laws->power(1.0))->toEqualWithDelta($power, 1e-9);
})->with([[1000.0, 1.0, 1.0, 1.0], [1100.0, 1.1, 1.21, 1.331], [1200.0, 1.2, 1.44, 1.728], [500.0, 0.5, 0.25, 0.125],
    [2000.0, 2.0, 4.0, 8.0]]);

it('comes back to where it was at the speed it had', function (): void {
    foreach ([[1075.0, 1140.0], [700.0, 1725.0], [1500.0, 600.0]] as [$from, $to]) {
        [$there, $back] = [new FanLaws($from, $to), new FanLaws($to, $from)];
        expect($back->flow($there->flow(0.8)))->toEqualWithDelta(0.8, 1e-12)
            ->and($back->pressure($there->pressure(120.0)))->toEqualWithDelta(120.0, 1e-9)
            ->and($back->power($there->power(750.0)))->toEqualWithDelta(750.0, 1e-9);
    }
});

it('has rise and flow of standard air, each from the other', function (float $btu, float $cfm, float $fahrenheit): void {
    // Btu/h = 1.08 × cfm × °F: ASHRAE Fundamentals (from memory), worked by hand
    [$watts, $flow, $kelvin] = [$btu / 3.412141633, $cfm * 4.719474e-4, $fahrenheit / 1.8];
    expect(StandardAir::flow($watts, $kelvin))->toEqualWithDelta($flow, 1e-3 * $flow)
        ->and(StandardAir::rise($watts, $flow))->toEqualWithDelta($kelvin, 1e-3 * $kelvin)
        ->and(StandardAir::rise($watts, StandardAir::flow($watts, $kelvin)))->toEqualWithDelta($kelvin, 1e-9);
})->with([[34560.0, 800.0, 40.0], [64800.0, 1200.0, 50.0], [1080.0, 100.0, 10.0], [86400.0, 2000.0, 40.0]]);

it('judges static pressure at, just under and just over its limits', function (
    string $supply,
    string $return,
    string $rated,
    Verdict $is,
): void {
    // the blower's own rating; 20 % over it, and 0.5 in w.c. where nothing is said: common practice, no published source
    $given = ['supply' => $supply, 'return' => $return, ...$rated === '' ? [] : ['rated' => $rated]];
    expect((new ExternalStatic)->of($given)->verdict)->toBe($is);
})->with([
    ['0.3', '-0.2', '', Verdict::Good], ['0.3', '0.19', '', Verdict::Good], ['0.3', '-0.21', '', Verdict::Watch],
    ['0.35', '-0.24', '', Verdict::Watch], ['0.36', '-0.25', '', Verdict::Bad], ['0.5', '-0.3', '0.8', Verdict::Good],
    ['0.5', '-0.31', '0.8', Verdict::Watch], ['200 Pa', '-60 Pa', '200 Pa', Verdict::Bad], ['0', '0', '', Verdict::CannotSay],
]);

it('adds both sides of a blower, whichever sign the return was written with', function (): void {
    $judgement = (new ExternalStatic)->of(['supply' => '0.28', 'return' => '-0.17']);
    expect(Figures::of($judgement, 'external static'))->toEqualWithDelta(0.45 * 249.08891, 1e-6)
        ->and(Figures::of((new ExternalStatic)->of(['supply' => '0.28', 'return' => '0.17']), 'external static'))->toBe(
            Figures::of($judgement, 'external static'),
        );
});

it('names the filter, or the coil, that takes too much', function (array $more, string $headline): void {
    // a fifth and two fifths of the rating: common practice, no published source
    expect((new ExternalStatic)->of(['supply' => '0.3', 'return' => '-0.2', ...$more])->headline)->toBe($headline);
})->with([
    [['filter' => '0.1'], 'Static pressure good'], [['filter' => '0.11'], 'The filter takes too much of it'],
    [['coil' => '0.2'], 'Static pressure good'], [['coil' => '0.21'], 'The coil takes too much of it'],
]);

it('judges air for each ton of cooling', function (string $cfm, Verdict $is): void {
    // 350 to 450 cfm a ton: common practice, no published source
    expect((new AirFlow)->of(['flow' => $cfm, 'tons' => '3'])->verdict)->toBe($is);
})->with([['1049', Verdict::Bad], ['1051', Verdict::Good], ['1349', Verdict::Good], ['1351', Verdict::Watch]]);

it('says what a motor draws at another speed, and that it is too much', function (): void {
    // 8 A at 900 r/min come to 8 · (1000/900)³ = 10.97 A at 1000 [fan laws]
    $given = ['speed' => '900', 'to' => '1000', 'amps' => '8', 'flow' => '1800', 'static' => '0.5'];
    $judgement = (new AirFlow)->of([...$given, 'plate' => '11']);
    expect(Figures::of($judgement, 'amperes then, about'))->toEqualWithDelta(10.974, 1e-3)->and($judgement->verdict)->toBe(Verdict::Good)
        ->and(Figures::of($judgement, 'air flow then'))->toEqualWithDelta(2000 * 4.719474e-4, 1e-9)
        ->and(Figures::of($judgement, 'static then'))->toEqualWithDelta(0.5 * 249.08891 / 0.81, 1e-6)
        ->and((new AirFlow)->of([...$given, 'plate' => '10'])->verdict)->toBe(Verdict::Watch)
        ->and((new AirFlow)->of([...$given, 'plate' => '9'])->verdict)->toBe(Verdict::Bad);
});

it('says nothing good of what was not judged', function (array $given): void {
    // a figure that is worked out is no part that is proved
    expect((new AirFlow)->of($given)->verdict)->toBe(Verdict::CannotSay);
})->with([
    [['heat' => '10 kW', 'rise' => '40']], [['speed' => '900', 'to' => '1000']], [['speed' => '900', 'to' => '1000', 'amps' => '8']],
]);

it('refuses air that cools where it is heated, and says what it lacks', function (): void {
    expect(fn () => (new AirFlow)->of(['heat' => '10 kW', 'rise' => '-10']))->toThrow(BadGiven::class, 'Air that takes up heat is warmer')
        ->and(fn () => (new AirFlow)->of(['heat' => '10 kW', 'rise' => '0']))->toThrow(BadGiven::class, 'Air that takes up heat is warmer')
        ->and((new AirFlow)->of([])->verdict)->toBe(Verdict::CannotSay)
        ->and(fn () => (new AirFlow)->of(['flow' => '1e99']))->toThrow(BadGiven::class, 'more than any air flow')
        ->and(fn () => (new AirFlow)->of(['speed' => '900', 'to' => 'fast']))->toThrow(BadGiven::class, 'is not a number')
        ->and(fn () => (new ExternalStatic)->of(['supply' => '0.3 psi', 'return' => '0.2']))
        ->toThrow(BadGiven::class, 'is not a unit of air pressure');
});

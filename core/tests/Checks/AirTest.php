<?php

declare(strict_types=1);

use Levin\Core\Checks\Air\AirFlow;
use Levin\Core\Checks\Air\Belt;
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

it('finds the air by static pressure in the blower\'s own table', function (string $supply, ?float $cfm): void {
    // between two rows a straight line, common practice, no published source; outside of a table nobody knows
    $judgement = (new ExternalStatic)->of([
        'supply' => $supply, 'return' => '0.2', 'rated' => '0.8', 'table_static' => '0.3 0.5 0.7', 'table_flow' => '1300 1200 1050',
    ]);
    expect($judgement->verdict)->toBe($cfm === null ? Verdict::CannotSay : Verdict::Good)
        ->and($cfm === null ? null : round((float) Figures::of($judgement, 'air flow') / 4.719474e-4))->toBe($cfm);
})->with([['0.1', 1300.0], ['0.2', 1250.0], ['0.3', 1200.0], ['0.4', 1125.0], ['0.5', 1050.0], ['0.51', null], ['0.05', null]]);

it('refuses a blower table that cannot be', function (array $table, string $message): void {
    expect(fn () => (new ExternalStatic)->of(['supply' => '0.2', 'return' => '0.2', ...$table]))->toThrow(BadGiven::class, $message);
})->with([
    [['table_static' => '0.3 0.5', 'table_flow' => '1300'], 'go in pairs'], [['table_flow' => '1300 1200'], 'go in pairs'],
    [['table_static' => '0.5 0.3', 'table_flow' => '1300 1200'], 'less against more'],
    [['table_static' => '0.3 0.5', 'table_flow' => '1200 1300'], 'less against more'],
]);

it('knows what another pulley does, and which one a speed needs', function (): void {
    // speeds go as the pulleys, amperes near the plate about with the cube of the speed [physics; AMCA 201, from memory]
    $given = ['speed' => '900', 'pulley' => '4', 'amps' => '6', 'plate' => '9'];
    $bigger = (new AirFlow)->of([...$given, 'to_pulley' => '4.4']);
    expect(Figures::of($bigger, 'speed then'))->toEqualWithDelta(990.0, 1e-9)
        ->and(Figures::of($bigger, 'amperes then, about'))->toEqualWithDelta(6 * 1.331, 1e-9)->and($bigger->verdict)->toBe(Verdict::Good)
        ->and((new AirFlow)->of([...$given, 'to_pulley' => '4.6'])->verdict)->toBe(Verdict::Watch);
    $asked = (new AirFlow)->of([...$given, 'to' => '990']);
    expect(Figures::of($asked, 'motor\'s pulley for that'))->toEqualWithDelta(4.4 * 0.0254, 1e-12);
});

it('has the length of a belt', function (string $pulley, string $wheel, string $centres, float $inches): void {
    // Machinery's Handbook, L = 2C + 1.57(D + d) + (D − d)²/4C (from memory), worked by hand
    $judgement = (new AirFlow)->of(['pulley' => $pulley, 'wheel' => $wheel, 'centres' => $centres]);
    expect(Figures::of($judgement, 'belt, pitch length') / 0.0254)->toEqualWithDelta($inches, 0.05)
        ->and($judgement->verdict)->toBe(Verdict::CannotSay);
})->with([['4', '10', '20', 62.44], ['5', '5', '15', 45.71], ['3.5', '12', '18', 61.35]]);

it('agrees with a belt drawn round two circles', function (): void {
    // two arcs and two tangents [geometry], worked out here; the handbook's length is within a thousandth of it
    foreach ([[0.1, 0.25, 0.5], [0.09, 0.3, 0.4], [0.12, 0.12, 0.3]] as [$d, $big, $c]) {
        $angle = asin(($big - $d) / (2 * $c));
        $exact = 2 * $c * cos($angle) + $big * (M_PI / 2 + $angle) + $d * (M_PI / 2 - $angle);
        expect((new Belt($d, $big))->length($c))->toEqualWithDelta($exact, 1e-3 * $exact);
    }
});

it('refuses pulleys that would touch', function (): void {
    expect(fn () => (new AirFlow)->of(['pulley' => '6', 'wheel' => '10', 'centres' => '8']))->toThrow(BadGiven::class, 'touch');
});

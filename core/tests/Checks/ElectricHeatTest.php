<?php

declare(strict_types=1);

use Levin\Core\Checks\Air\StandardAir;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Heat\Elements;

it('knows that 10 kW at 240 V is 41.7 A, in two elements of 11.5 Ω', function (): void {
    // I = P/V, R = V²/P [physics]; the figures are common practice
    expect(2 * Elements::amps(5000.0, 240.0, 240.0))->toEqualWithDelta(41.7, 0.05);
    $figures = (new Elements)->of(['watts' => '5 kW', 'rated' => '240', 'volts' => '240', 'amps' => '20.8 20.8'])->figures;
    expect($figures[1]->value)->toEqualWithDelta(11.52, 0.01);
});

it('gives three quarters of its heat at 208 V', function (): void {
    // (208/240)² = 0.751 [physics]
    expect(208 * Elements::amps(5000.0, 240.0, 208.0) / 5000)->toEqualWithDelta(0.751, 0.001);
});

it('finds the air by the rise, and the rise by the air', function (float $kilowatts, float $cfm, float $fahrenheit): void {
    // rise °F = kW × 3412/(1.08 × cfm) (standard air; ASHRAE Fundamentals, from memory)
    expect($kilowatts * 3412 / (1.08 * $cfm))->toEqualWithDelta($fahrenheit, 0.05)
        ->and(StandardAir::flow(1000 * $kilowatts, $fahrenheit / 1.8))->toEqualWithDelta($cfm * 4.719474e-4, 2e-3 * $cfm * 4.719474e-4);
})->with([[10.0, 1200.0, 26.33], [5.0, 800.0, 19.75], [15.0, 1600.0, 29.62]]);

it('tells which element is out, and which is not what the plate says', function (string $amps, Verdict $verdict, string $headline): void {
    $judgement = (new Elements)->of(['watts' => '5 kW', 'rated' => '240', 'volts' => '208', 'amps' => $amps]);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->headline)->toBe($headline);
})->with([
    ['18.1 18.0', Verdict::Good, 'Elements good'], ['18.1 0', Verdict::Bad, 'Element 2 out'], ['0 0 18', Verdict::Bad, 'Elements 1, 2 out'],
    ['19.8 18', Verdict::Good, 'Elements good'], ['20.0 18', Verdict::Watch, 'Element 1 not as on the plate'],
    ['18 16.1', Verdict::Watch, 'Element 2 not as on the plate'],
]);

it('tells the air that a rise comes of', function (): void {
    $given = ['watts' => '5 kW', 'rated' => '240', 'volts' => '240', 'amps' => '20.83 20.83', 'rise' => '26.33'];
    $figures = (new Elements)->of($given)->figures;
    $air = array_values(array_filter($figures, static fn (Figure $f): bool => $f->label === 'air by that rise'))[0];
    expect($air->shown())->toBe('1200 cfm');
});

it('refuses what cannot be', function (array $given, string $message): void {
    expect(fn () => (new Elements)->of($given))->toThrow(BadGiven::class, $message);
})->with([
    [['watts' => '0', 'rated' => '240', 'volts' => '240'], 'cannot be zero'],
    [['watts' => '5 kV', 'rated' => '240', 'volts' => '240'], 'not a unit of power'],
    [['rated' => '240', 'volts' => '240'], 'is missing'],
]);

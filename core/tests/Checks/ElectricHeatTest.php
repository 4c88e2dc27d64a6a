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

it('judges an element by its ohms with the power off', function (string $ohms, Verdict $verdict, string $headline): void {
    // R = V²/P [physics]: 240 V and 5 kW make 11.52 Ω; 10 % and what the meter may be off is common practice, no published source
    $judgement = (new Elements)->of(['watts' => '5 kW', 'rated' => '240', 'ohms' => $ohms]);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->headline)->toBe($headline);
})->with([
    ['11.5 11.6', Verdict::Good, 'Elements good'], ['11.5 OL', Verdict::Bad, 'Element 2 open'], ['12.9', Verdict::Good, 'Elements good'],
    ['13.2', Verdict::Watch, 'Element 1 not as on the plate'], ['11.5 9.8', Verdict::Watch, 'Element 2 not as on the plate'],
]);

it('tells an open link from an open limit', function (array $given, Verdict $verdict, string $says): void {
    $judgement = (new Elements)->of(['watts' => '5 kW', 'rated' => '240', ...$given]);
    expect($judgement->verdict)->toBe($verdict)->and(implode(' ', [$judgement->headline, ...$judgement->findings]))->toContain($says);
})->with([
    // a one-shot link against a limit that closes as it cools: common practice, no published source
    [['link' => 'OL'], Verdict::Bad, 'does not close again'], [['limit' => 'OL'], Verdict::CannotSay, 'Let it cool'],
    [['link' => '0.1', 'limit' => '0.2'], Verdict::Good, 'closed'], [['link' => '1.0'], Verdict::Good, 'closed'],
    [['link' => '1.1'], Verdict::Watch, 'a joint that burns'], [['ohms' => '11.5', 'limit' => 'OL'], Verdict::CannotSay, 'limit is open'],
]);

it('reads three legs of a delta', function (string $amps, Verdict $verdict, string $headline): void {
    // three of 5 kW at 240 V, 20.83 A each: 36.08 A a leg; one out leaves its own in two legs; a leg lost 1.5 times in the others [physics]
    $judgement = (new Elements)->of([
        'watts' => '5 kW', 'rated' => '240', 'volts' => '240', 'clamped' => 'each leg, three elements in delta', 'amps' => $amps,
    ]);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->headline)->toBe($headline);
})->with([
    ['36.1 36 36.2', Verdict::Good, 'Elements good'], ['20.8 20.9 36.1', Verdict::Bad, 'The element between L1 and L2 is out'],
    ['36.1 20.8 20.8', Verdict::Bad, 'The element between L2 and L3 is out'], ['0 31.2 31.2', Verdict::Bad, 'L1 is lost'],
    ['20.8 0 20.8', Verdict::Bad, 'Only the element between L1 and L3 is left'], ['0 0 0', Verdict::Bad, 'No leg draws anything'],
    ['36 36 28', Verdict::Watch, 'Legs not as of three like elements'],
]);

it('agrees with three resistances on three legs, solved as a network', function (): void {
    // loads between three phasors of 240 V: Kirchhoff [physics], worked in complex numbers here
    $volts = [[138.564, 0.0], [138.564, -2 * M_PI / 3], [138.564, 2 * M_PI / 3]];
    $at = fn (int $n): array => [$volts[$n][0] * cos($volts[$n][1]), $volts[$n][0] * sin($volts[$n][1])];
    $through = fn (int $a, int $b, bool $on): array => $on
        ? [($at($a)[0] - $at($b)[0]) / 11.52, ($at($a)[1] - $at($b)[1]) / 11.52]
        : [0.0, 0.0];
    foreach ([[true, true, true], [false, true, true], [true, false, true], [true, true, false], [false, false, true]] as $on) {
        [$ab, $bc, $ca] = [$through(0, 1, $on[0]), $through(1, 2, $on[1]), $through(2, 0, $on[2])];
        $amps = array_map(
            fn (array $in, array $out): string => sprintf('%.2f', hypot($in[0] - $out[0], $in[1] - $out[1])),
            [$ab, $bc, $ca],
            [$ca, $ab, $bc],
        );
        $judgement = (new Elements)->of([
            'watts' => '5 kW', 'rated' => '240', 'volts' => '240', 'clamped' => 'each leg, three elements in delta',
            'amps' => implode(' ', $amps),
        ]);
        $out = array_keys($on, false, true);
        $pairs = ['L1 and L2', 'L2 and L3', 'L1 and L3'];
        expect($judgement->headline)->toBe(match (count($out)) {
            0 => 'Elements good',
            1 => "The element between {$pairs[$out[0]]} is out",
            default => 'Only the element between L1 and L3 is left',
        });
    }
});

it('does not judge amperes without volts, nor a delta by two legs', function (): void {
    $judgement = (new Elements)->of(['watts' => '5 kW', 'rated' => '240', 'amps' => '20.8']);
    expect($judgement->verdict)->toBe(Verdict::CannotSay)->and($judgement->headline)->toContain('goes with the volts')
        ->and(fn () => (new Elements)->of([
            'watts' => '5 kW', 'rated' => '240', 'volts' => '240', 'clamped' => 'each leg, three elements in delta', 'amps' => '36 36',
        ]))->toThrow(BadGiven::class, 'three legs');
});

it('refuses what cannot be', function (array $given, string $message): void {
    expect(fn () => (new Elements)->of($given))->toThrow(BadGiven::class, $message);
})->with([
    [['watts' => '0', 'rated' => '240', 'volts' => '240'], 'cannot be zero'],
    [['watts' => '5 kV', 'rated' => '240', 'volts' => '240'], 'not a unit of power'],
    [['rated' => '240', 'volts' => '240'], 'is missing'],
]);

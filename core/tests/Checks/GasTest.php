<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Gas\DraftSwitch;
use Levin\Core\Checks\Gas\FlameSignal;
use Levin\Core\Checks\Gas\GasHeat;
use Levin\Core\Checks\Sensors\ThermistorCheck;
use Levin\Core\Parts\Sensors\NtcCurve;

it('judges a manifold at, just under and just over its limits', function (array $given, Verdict $is, string $headline): void {
    // 3.5 in w.c. of natural gas, 10 of propane, ± 0.3: common practice, no published source; the plate comes first
    $judgement = (new GasHeat)->of($given);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    [['manifold' => '3.5'], Verdict::Good, 'Gas heat good'], [['manifold' => '3.79'], Verdict::Good, 'Gas heat good'],
    [['manifold' => '3.81'], Verdict::Bad, 'Manifold too high: it is overfired'],
    [['manifold' => '3.19'], Verdict::Bad, 'Manifold too low'],
    [['manifold' => '10', 'gas' => 'propane'], Verdict::Good, 'Gas heat good'],
    [['manifold' => '3.5', 'gas' => 'propane'], Verdict::Bad, 'Manifold too low'],
    [['manifold' => '3.5', 'due' => '3.2'], Verdict::Good, 'Gas heat good'],
    [['manifold' => '3.55', 'due' => '3.2'], Verdict::Bad, 'Manifold too high: it is overfired'],
    [['inlet' => '4.4'], Verdict::Bad, 'Too little gas pressure arrives'], [['inlet' => '4.6'], Verdict::Good, 'Gas heat good'],
    [['inlet' => '10.4'], Verdict::Good, 'Gas heat good'], [['inlet' => '10.6'], Verdict::Bad, 'Too much gas pressure arrives'],
    [['inlet' => '10.9', 'gas' => 'propane'], Verdict::Bad, 'Too little gas pressure arrives'],
    [['inlet' => '11.1', 'gas' => 'propane'], Verdict::Good, 'Gas heat good'],
]);

it('judges a rise by the plate, and the supply by its limit', function (array $given, Verdict $is, string $headline): void {
    $judgement = (new GasHeat)->of(['return' => '68', 'least' => '35', 'most' => '65', ...$given]);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    [['supply' => '118'], Verdict::Good, 'Gas heat good'], [['supply' => '132.9'], Verdict::Good, 'Gas heat good'],
    [['supply' => '133.5'], Verdict::Bad, 'Rise too high: too little air, or overfired'],
    [['supply' => '102.5'], Verdict::Watch, 'Rise too low: too much air, or underfired'],
    // 15 °F under the limit: common practice, no published source
    [['supply' => '128', 'limit' => '145'], Verdict::Good, 'Gas heat good'],
    [['supply' => '131', 'limit' => '145'], Verdict::Watch, 'Near what opens its limit'],
    [['supply' => '132', 'limit' => '130'], Verdict::Bad, 'Hotter than what opens its limit'],
    [['supply' => '20 °C', 'return' => '18 °C'], Verdict::Watch, 'Rise too low: too much air, or underfired'],
]);

it('refuses supply air colder than return air', function (): void {
    expect(fn () => (new GasHeat)->of(['supply' => '60', 'return' => '70']))->toThrow(BadGiven::class, 'the two are swapped')
        ->and((new GasHeat)->of(['supply' => '110', 'return' => '70'])->verdict)->toBe(Verdict::CannotSay)
        ->and((new GasHeat)->of([])->verdict)->toBe(Verdict::CannotSay)
        ->and(fn () => (new GasHeat)->of(['manifold' => '3.5 A']))->toThrow(BadGiven::class, 'is not a unit of air pressure');
});

it('judges flame current at, just under and just over what the board needs', function (array $given, Verdict $is): void {
    // about one microampere where nothing is said, and twice that for a reserve: common practice, no published source
    expect((new FlameSignal)->of($given)->verdict)->toBe($is);
})->with([
    [['read' => '0.99'], Verdict::Bad], [['read' => '1'], Verdict::Watch], [['read' => '1.99'], Verdict::Watch],
    [['read' => '2'], Verdict::Good], [['read' => '4.5'], Verdict::Good], [['read' => '0'], Verdict::Bad],
    [['read' => '1.2', 'least' => '0.5'], Verdict::Good], [['read' => '0.49', 'least' => '0.5'], Verdict::Bad],
    [['read' => '0.003 mA'], Verdict::Good],
]);

it('refuses a flame current that no rod has', function (string $typed, string $message): void {
    expect(fn () => (new FlameSignal)->of(['read' => $typed]))->toThrow(BadGiven::class, $message);
})->with([['-2', 'no flame current below nothing'], ['20 A', 'is not a unit of flame current'],
    ['1e99', 'more than any flame current'], ['x', 'not a number'], ['', 'is missing']]);

it('tells a draft switch that is right from one that is not', function (array $given, Verdict $is, string $headline): void {
    // closed with enough draft, open with none: what a draft switch is for
    $judgement = (new DraftSwitch)->of(['set' => '-0.6', ...$given]);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    [['draft' => '-0.9', 'contact' => 'closed'], Verdict::Good, 'Draft switch good'],
    [['draft' => '-0.9', 'contact' => 'open'], Verdict::Bad, 'Draft enough, and it stays open: the switch, or its hose'],
    [['draft' => '-0.4', 'contact' => 'closed'], Verdict::Bad, 'Closed with too little draft: it sticks'],
    [['draft' => '-0.4', 'contact' => 'open'], Verdict::Bad, 'Too little draft: the vent, not the switch'],
    [['draft' => '-0.59'], Verdict::Bad, 'Too little draft: the vent, not the switch'],
    [['draft' => '-0.61'], Verdict::Watch, 'Hardly enough draft'], [['draft' => '0.7'], Verdict::Good, 'Draft switch good'],
    [['draft' => '-0.9', 'rest' => 'closed'], Verdict::Bad, 'Closed with the inducer off: it is welded, or bridged'],
]);

it('has the ohms of a 10 kΩ NTC of β 3950', function (float $celsius, float $ohms): void {
    // tables of 10 kΩ, β 3950 thermistors (from memory), within the 3 % by which a two-point formula leaves them between 0 and 100 °C
    expect((new NtcCurve(10e3, 3950.0))->ohms($celsius))->toEqualWithDelta($ohms, 0.03 * $ohms);
})->with([[0.0, 33.0e3], [10.0, 20.0e3], [25.0, 10.0e3], [40.0, 5.3e3], [50.0, 3.59e3], [60.0, 2.48e3], [80.0, 1.26e3]]);

it('comes back from ohms to the temperature', function (): void {
    foreach ([-40.0, -5.0, 0.0, 25.0, 63.3, 140.0] as $celsius) {
        $curve = new NtcCurve(10e3, 3950.0);
        expect($curve->celsius($curve->ohms($celsius)))->toEqualWithDelta($celsius, 1e-9);
    }
});

it('judges a thermistor against a thermometer', function (array $given, Verdict $is, string $headline): void {
    $judgement = (new ThermistorCheck)->of($given);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    [['read' => '10 kΩ', 'temperature' => '77'], Verdict::Good, 'Thermistor good'],
    [['read' => '10 kΩ', 'temperature' => '25 °C'], Verdict::Good, 'Thermistor good'],
    // 2 and 5 K: common practice, no published source
    [['read' => '10 kΩ', 'temperature' => '26.9 °C'], Verdict::Good, 'Thermistor good'],
    [['read' => '10 kΩ', 'temperature' => '27.2 °C'], Verdict::Watch, 'A little off its curve'],
    [['read' => '10 kΩ', 'temperature' => '30.2 °C'], Verdict::Bad, 'Off its curve'],
    [['read' => 'OL', 'temperature' => '20 °C'], Verdict::Bad, 'Open'],
    [['read' => '2', 'temperature' => '20 °C'], Verdict::Bad, 'Shorted'],
    [['read' => '32.7 kΩ', 'temperature' => '0 °C', 'beta' => '3892'], Verdict::Good, 'Thermistor good'],
    [['read' => '5 kΩ', 'temperature' => '25 °C', 'at25' => '5 kΩ'], Verdict::Good, 'Thermistor good'],
]);

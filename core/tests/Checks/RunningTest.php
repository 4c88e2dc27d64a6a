<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Running\CodeLetter;
use Levin\Core\Checks\Running\LockedRotor;
use Levin\Core\Checks\Running\RunningCurrent;

it('judges current at, just under and just over the plate', function (array $given, Verdict $is, string $headline): void {
    $judgement = (new RunningCurrent)->of(['plate' => '10', ...$given]);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    [['amps' => '10'], Verdict::Good, 'Current good'], [['amps' => '10.1'], Verdict::Good, 'Current good'],
    // a clamp may be off by 2 % and five digits (the class of the field meter)
    [['amps' => '10.2'], Verdict::Good, 'Current good'], [['amps' => '10.3'], Verdict::Bad, 'Over its plate'],
    [['amps' => '11.4', 'factor' => '1.15'], Verdict::Watch, 'In its service factor'],
    [['amps' => '11.7', 'factor' => '1.15'], Verdict::Watch, 'In its service factor'],
    [['amps' => '11.9', 'factor' => '1.15'], Verdict::Bad, 'Over its plate'],
    // half of its plate: common practice, no published source
    [['amps' => '5.1'], Verdict::Good, 'Current good'],
    [['amps' => '4.9'], Verdict::Watch, 'Far under its plate: unloaded, a slipping belt or blade, no charge, or another voltage'],
    [['amps' => '3', 'panels' => 'off'], Verdict::CannotSay, 'With the panels off it says nothing of its load'],
    // five turns through the jaw read five times as much [physics]
    [['amps' => '45', 'turns' => '5'], Verdict::Good, 'Current good'], [['amps' => '55', 'turns' => '5'], Verdict::Bad, 'Over its plate'],
    // ± 10 % of rated volts: NEMA MG 1, 12.44 (from memory)
    [['amps' => '9', 'volts' => '208', 'rated' => '230'], Verdict::Good, 'Current good'],
    [['amps' => '9', 'volts' => '206', 'rated' => '230'], Verdict::Bad, 'Too little voltage: a loaded motor draws more on it'],
    [['amps' => '9', 'volts' => '254', 'rated' => '230'], Verdict::Bad, 'Too much voltage'],
    // 10 and 20 % of their mean: common practice, no published source
    [['amps' => '9 9 9.8'], Verdict::Good, 'Current good'], [['amps' => '8 8 10'], Verdict::Watch, 'Uneven: roll the leads'],
    [['amps' => '7 7 10'], Verdict::Bad, 'Far uneven'], [[], Verdict::CannotSay, 'Too little is known'],
]);

it('tells by rolling the leads whether the supply or the motor does it', function (string $rolled, string $says): void {
    // what stays with the leg is the supply's, what goes with the lead the motor's (common practice, no published source)
    $findings = (new RunningCurrent)->of(['plate' => '12', 'amps' => '8 8 10.4', 'rolled' => $rolled])->findings;
    expect(implode(' ', $findings))->toContain($says);
})->with([
    ['8 8 10.4', 'the supply does it'], ['8.1 7.9 10.2', 'the supply does it'], ['10.4 8 8', 'the motor does it'],
    ['10.1 8.2 8', 'the motor does it'], ['8 10.4 8', 'It did neither'],
]);

it('has the kVA of a horsepower by code letter', function (string $letter, float $least, float $under): void {
    // NEC table 430.7(B) (from memory)
    expect(CodeLetter::from($letter)->kva())->toBe([$least, $under]);
})->with([
    ['A', 0.0, 3.15], ['B', 3.15, 3.55], ['C', 3.55, 4.0], ['D', 4.0, 4.5], ['E', 4.5, 5.0], ['F', 5.0, 5.6], ['G', 5.6, 6.3],
    ['H', 6.3, 7.1],
    ['J', 7.1, 8.0], ['K', 8.0, 9.0], ['L', 9.0, 10.0], ['M', 10.0, 11.2], ['N', 11.2, 12.5], ['P', 12.5, 14.0], ['R', 14.0, 16.0],
    ['S', 16.0, 18.0], ['T', 18.0, 20.0], ['U', 20.0, 22.4],
]);

it('leaves no gap between one code letter and the next', function (): void {
    $letters = CodeLetter::cases();
    foreach (array_slice($letters, 1) as $n => $letter) {
        expect($letter->kva()[0])->toBe($letters[$n]->kva()[1]);
    }
});

it('works out what a locked rotor draws', function (float $kva, float $horsepower, float $volts, bool $isThree, float $amps): void {
    // kVA · hp · 1000 / (√3 · V): NEC 430.7(B), worked by hand
    expect(LockedRotor::amps($kva, $horsepower * 745.69987, $volts, $isThree))->toEqualWithDelta($amps, 0.05);
})->with([[5.6, 10.0, 230.0, true, 140.6], [6.3, 10.0, 460.0, true, 79.1], [8.0, 1.0, 230.0, false, 34.8],
    [4.5, 50.0, 460.0, true, 282.4]]);

it('judges an inrush, and how long it lasts', function (array $given, Verdict $is, string $headline): void {
    $judgement = (new LockedRotor)->of($given);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    [['lra' => '100', 'read' => '100'], Verdict::Good, 'Starts well'], [['lra' => '100', 'read' => '114'], Verdict::Good, 'Starts well'],
    [['lra' => '100', 'read' => '116'], Verdict::Bad, 'More than a locked rotor draws: shorted turns'],
    [['lra' => '100', 'read' => '84'], Verdict::Watch, 'Less than a locked rotor draws: low volts, or the meter missed the peak'],
    [['letter' => 'G', 'power' => '10 hp', 'volts' => '230', 'read' => '150'], Verdict::Good, 'Starts well'],
    [
        ['letter' => 'G', 'power' => '10 hp', 'volts' => '230', 'read' => '190'],
        Verdict::Bad,
        'More than a locked rotor draws: shorted turns',
    ],
    [['lra' => '100'], Verdict::CannotSay, 'So much it should draw as it starts; nothing was read'],
    // a second or so; six: common practice, no published source
    [['seconds' => '1.5'], Verdict::Good, 'Starts well'], [['seconds' => '1.6'], Verdict::Watch, 'A hard start'],
    [['seconds' => '6'], Verdict::Bad, 'It does not come up'], [['read' => '80'], Verdict::CannotSay, 'What it should draw is not known'],
]);

it('refuses what no motor has', function (array $given, string $message): void {
    expect(fn () => (new RunningCurrent)->of($given))->toThrow(BadGiven::class, $message);
})->with([
    [['plate' => '0'], 'cannot be zero'], [['plate' => '10', 'amps' => '9 -9'], 'no current below nothing'],
    [['amps' => '9'], 'is missing'],
    [['plate' => '10 V'], 'is not a unit of current'], [['plate' => '1e99'], 'more than any current'],
    [['plate' => '10', 'panels' => 'half'], 'Choose one of: on, off'],
]);

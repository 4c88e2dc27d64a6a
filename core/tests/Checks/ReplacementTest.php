<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Replacement\MatchCheck;
use Levin\Core\Checks\Replacement\Rule;

// What must match, and what comes of it where it does not: common practice, no published source.

/** @return array<string, string> what was there and what is to be fitted, as a check takes it */
function swap(string ...$pairs): array
{
    $given = [];
    foreach ($pairs as $name => $pair) {
        [$given["old_$name"], $given["new_$name"]] = explode(' > ', $pair);
    }

    return $given;
}

it('names each mismatch with what comes of it', function (string $check, array $given, Verdict $is, string $headline): void {
    $judgement = PartChecks::all()["replace-$check"]->of($given);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toContain($headline);
})->with([
    // 1075 for 1100 is fine, the next size of power too
    ['motor', swap(volts: '230 > 230', power: '1/4 hp > 1/3 hp', speed: '1100 > 1075', rotation: 'clockwise > clockwise'),
        Verdict::Good, 'It matches'],
    ['motor', swap(speed: '1100 > 1044'), Verdict::Bad, 'Another speed'], ['motor', swap(speed: '1100 > 1046'),
        Verdict::Good, 'It matches'],
    ['motor', swap(power: '1/3 hp > 1/4 hp'), Verdict::Bad, 'Less power'], ['motor', swap(phases: 'one > three'),
        Verdict::Bad, 'Another number of phases'],
    ['motor', swap(rotation: 'clockwise > counter-clockwise'), Verdict::Watch, 'Another rotation'],
    ['motor', swap(shaft: '1/2 > 5/8'), Verdict::Bad, 'A thicker shaft'], ['motor', swap(shaft: '5/8 in > 12.7 mm'),
        Verdict::Good, 'It matches'],
    ['motor', swap(leads: 'three > four'), Verdict::Watch, 'the fourth is capped'], ['motor', swap(capacitor: '5 > 7.5'),
        Verdict::Watch, 'Another capacitor'],
    ['motor', swap(volts: '230 > 208', speed: '1100 > 1725'), Verdict::Bad, 'Another voltage'],
    ['contactor', swap(coil: '24 > 24', poles: '2 > 2', amps: '30 > 40', volts: '240 > 600'), Verdict::Good, 'It matches'],
    ['contactor', swap(coil: '24 > 120'), Verdict::Bad, 'Another coil voltage'], ['contactor', swap(amps: '40 > 30'),
        Verdict::Bad, 'Fewer amperes'],
    ['contactor', swap(poles: '3 > 2'), Verdict::Bad, 'Fewer poles'], ['contactor', swap(switched: 'one leg > no leg'),
        Verdict::Watch, 'One pole leaves a leg live'],
    ['relay', swap(contacts: 'normally open > normally closed'), Verdict::Bad, 'Other contacts'], ['relay', swap(delay: '60 > 71'),
        Verdict::Good, 'It matches'],
    ['relay', swap(delay: '60 > 73'), Verdict::Watch, 'Another delay'], ['relay', swap(va: '5 > 9'), Verdict::Watch, 'takes more'],
    ['transformer', swap(va: '40 > 75', primary: '240 > 240'), Verdict::Good, 'It matches'], ['transformer', swap(va: '75 > 40'),
        Verdict::Bad, 'Less VA'],
    ['transformer', swap(primary: '240 > 208'), Verdict::Bad, 'Another primary'],
    ['fuse', swap(amps: '30 > 35'), Verdict::Bad, 'Another size'], ['fuse', swap(amps: '30 > 30', volts: '250 > 600'),
        Verdict::Good, 'It matches'],
    ['fuse', swap(volts: '600 > 250'), Verdict::Bad, 'Fewer volts'], ['fuse', swap(class: 'J > CC'), Verdict::Bad, 'Another class'],
    ['capacitor', swap(farads: '40 > 42', volts: '370 > 440'), Verdict::Good, 'It matches'], ['capacitor', swap(farads: '40 > 45'),
        Verdict::Bad, 'Other microfarads'],
    ['capacitor', swap(volts: '440 > 370'), Verdict::Bad, 'Fewer volts'], ['capacitor', swap(duty: 'run > start'), Verdict::Bad, 'bursts'],
    ['pressure-switch', swap(opens: '650 > 610'), Verdict::Bad, 'another pressure'], ['pressure-switch', swap(opens: '650 > 640'),
        Verdict::Good, 'It matches'],
    ['pressure-switch', swap(reset: 'manual > automatic'), Verdict::Bad, 'Another reset'],
    ['pressure-switch', swap(acts: 'rise > fall'), Verdict::Bad, 'the other way'],
    ['start-gear', swap(farads: '88 > 95'), Verdict::Good, 'It matches'], ['start-gear', swap(farads: '88 > 108'),
        Verdict::Bad, 'too little torque'],
    ['start-gear', swap(pickup: '220 > 190'), Verdict::Bad, 'Another pick-up'], ['start-gear', swap(kind: 'potential relay > PTC'),
        Verdict::Watch, 'Another kind'],
    // the usual is rather a relay that drops out by voltage, whatever was there: common practice, no published source
    ['start-gear', swap(kind: 'PTC > PTC'), Verdict::Watch, 'does not drop out by voltage'],
    ['start-gear', [...swap(kind: 'PTC > PTC'), 'prefers' => Habit::ANY_GEAR], Verdict::Good, 'It matches'],
    ['motor', [], Verdict::CannotSay, 'Too little is known'], ['motor', ['old_volts' => '230'], Verdict::CannotSay, 'Too little is known'],
]);

it('keeps its rules at, just under and just over', function (Rule $rule, float $old, float $new, bool $holds): void {
    expect($rule->holds($old, $new, 0.05))->toBe($holds);
})->with([
    [Rule::Same, 24.0, 24.0, true], [Rule::Same, 24.0, 24.1, false], [Rule::Within, 100.0, 105.0, true],
    [Rule::Within, 100.0, 105.1, false],
    [Rule::Within, 100.0, 94.9, false], [Rule::AtLeast, 30.0, 30.0, true], [Rule::AtLeast, 30.0, 29.9, false],
    [Rule::AtLeast, 30.0, 40.0, true],
    [Rule::AtMost, 5.0, 5.0, true], [Rule::AtMost, 5.0, 5.1, false], [Rule::AtMost, 5.0, 4.0, true],
]);

it('refuses what no plate has', function (): void {
    foreach (PartChecks::all() as $name => $check) {
        if ($check instanceof MatchCheck) {
            $entry = $check->about()->entries[0];
            // a pressure can be under that of the air
            $wrong = ['five' => 'not a number', '0' => 'cannot be zero', '1e99' => "more than any {$entry->dimension->value}"]
                + ($entry->dimension->isSigned() ? [] : ['-5' => "no {$entry->dimension->value} below nothing"]);
            foreach ($wrong as $typed => $message) {
                expect(fn () => $check->of([$entry->name => (string) $typed]))->toThrow(BadGiven::class, $message);
            }
        }
    }
});

it('does not call a larger one the same', function (): void {
    // a contactor of more amperes may take the place of one of fewer: common practice, no published source
    $judgement = PartChecks::named('replace-contactor')->of(swap(coil: '24 > 25', poles: '2 > 2', amps: '30 > 40'));
    expect($judgement->verdict)->toBe(Verdict::Good)->and($judgement->findings)->toBe([
        'Coil volts near enough to what it was.', 'Poles as it was.', 'Amperes for each pole more than it was, which it may be.',
    ]);
});

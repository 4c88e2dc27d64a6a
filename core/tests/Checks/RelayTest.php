<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Relays\Relay;
use Levin\Core\Checks\Relays\RelaySort;
use Levin\Core\Checks\Windings\SpeedTaps;

it('judges a relay by what its sort reads at rest and acting', function (
    RelaySort $sort,
    array $given,
    Verdict $is,
    string $headline,
): void {
    // a potential relay's contact is closed at rest, its coil some kilohms; a current relay's open, its coil next to nothing;
    // a sequencer's heater some tens of ohms (common practice, no published source)
    $judgement = (new Relay)->of(['sort' => $sort->value, ...$given]);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    [RelaySort::Potential, ['coil' => '10 kΩ', 'rest' => '0.1'], Verdict::Good, 'Relay good'],
    [RelaySort::Potential, ['rest' => 'OL'], Verdict::Bad, 'At rest its contact is open, and should be closed'],
    [RelaySort::Potential, ['rest' => '0.1', 'acting' => '0.1'], Verdict::Bad, 'Acting its contact is closed, and should be open: welded'],
    [RelaySort::Potential, ['coil' => '12'], Verdict::Bad, 'Its coil is shorted, or it is another sort of relay'],
    [RelaySort::Potential, ['coil' => 'OL'], Verdict::Bad, 'Its coil is open'],
    [RelaySort::Current, ['coil' => '0.4', 'rest' => 'OL'], Verdict::Good, 'Relay good'],
    [RelaySort::Current, ['coil' => '60'], Verdict::Watch, 'More ohms than a coil of this sort: another sort, or a bad joint'],
    [RelaySort::General, ['coil' => '14', 'rest' => 'OL', 'acting' => '0.2'], Verdict::Good, 'Relay good'],
    [RelaySort::General, ['rest' => '0.2'], Verdict::Bad, 'At rest its contact is closed, and should be open: welded'],
    [RelaySort::General, ['acting' => '18'], Verdict::Bad, 'Acting its contact has ohms of its own: burnt'],
    [RelaySort::GeneralClosed, ['rest' => '0.1', 'acting' => 'OL'], Verdict::Good, 'Relay good'],
    [RelaySort::Sequencer, ['coil' => '45', 'rest' => 'OL'], Verdict::Good, 'Relay good'],
    [RelaySort::Lockout, ['coil' => '600', 'rest' => '0.1'], Verdict::Good, 'Relay good'],
    // a fifth of the time on it: common practice, no published source
    [RelaySort::TimeDelay, ['time' => '60', 'took' => '71'], Verdict::Good, 'Relay good'],
    [RelaySort::TimeDelay, ['time' => '60', 'took' => '73'], Verdict::Bad, 'It is late'],
    [RelaySort::TimeDelay, ['time' => '5 min', 'took' => '180'], Verdict::Bad, 'It is early'],
    [RelaySort::General, [], Verdict::CannotSay, 'Too little is known'],
]);

it('refuses what no relay has', function (array $given, string $message): void {
    expect(fn () => (new Relay)->of($given))->toThrow(BadGiven::class, $message);
})->with([
    [['sort' => 'solid'], 'cannot be "solid"'], [['coil' => '-5'], 'no resistance below nothing'],
    [['coil' => '5 V'], 'is not a unit of resistance'],
    [['time' => '0'], 'cannot be zero'], [['coil' => '1e99'], 'more than any resistance'],
]);

it('names the speeds of a blower by their ohms to common', function (string $ohms, Verdict $is, string $says): void {
    // the fewer ohms to common, the faster (common practice, no published source)
    $judgement = (new SpeedTaps)->of(['ohms' => $ohms]);
    expect($judgement->verdict)->toBe($is)->and(implode(' ', $judgement->findings))->toContain($says);
})->with([
    ['14 9 11.5', Verdict::Good, 'Lead 2 is high, lead 3 is medium, lead 1 is low.'],
    ['8 6', Verdict::Good, 'Lead 2 is high, lead 1 is low.'],
    ['5 6 7 8', Verdict::Good, 'Lead 1 is high, lead 2 is medium-high, lead 3 is medium-low, lead 4 is low.'],
    ['5 OL 7', Verdict::Bad, 'Open: lead 2.'], ['5 5.1 7', Verdict::Watch, 'Two read alike'],
    ['1 2 3 4 5 6', Verdict::CannotSay, 'More leads than speeds'], ['5', Verdict::CannotSay, 'Give one'],
]);

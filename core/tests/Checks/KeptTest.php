<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Checks\Bench\Trend;
use Levin\Core\Checks\Bench\Verdict;

/** @param  list<string>  $megohms  read on one visit after another, at 40 °C */
function insulationOver(array $megohms): ?Trend
{
    return Trend::of(PartChecks::named('insulation')->about(), array_map(
        static fn (string $read): Kept => Kept::of('insulation', ['read' => $read, 'temperature' => '40 °C'], ['read' => 'MΩ']),
        $megohms,
    ));
}

it('keeps what a check came to, and has the same again from what was stored', function (): void {
    $kept = Kept::of('capacitor', ['marked' => '45', 'read' => '39'], ['read' => 'µF']);
    expect($kept->verdict)->toBe(Verdict::Bad)->and($kept->value('of its mark'))->toEqualWithDelta(39 / 45, 1e-12)
        ->and($kept->value('no such'))->toBeNull()
        ->and(Kept::stored((array) json_decode((string) json_encode($kept->data()), true)))->toEqual($kept)
        // a bare number in the unit that was chosen for it
        ->and(Kept::of('capacitor', ['marked' => '45', 'read' => '39000'], ['read' => 'nF'])->value('of its mark'))
        ->toEqualWithDelta(39 / 45, 1e-12);
});

it('does not keep what is no judgement', function (string $check, array $typed, string $says): void {
    expect(fn () => Kept::of($check, $typed, []))->toThrow(BadGiven::class, $says);
})->with([
    ['capacitor', ['marked' => '45'], 'read is missing'], ['guess', [], 'There is no check "guess"'],
    ['capacitor', ['marked' => 'x', 'read' => '39'], 'not a number'],
]);

it('reads what was stored of another time as far as it can', function (): void {
    $kept = Kept::stored(['check' => 'gone', 'verdict' => 'splendid', 'headline' => 4, 'figures' => ['x', ['label' => 'a', 'value' => 2]]]);
    expect($kept->verdict)->toBe(Verdict::CannotSay)->and($kept->headline)->toBe('')->and($kept->value('a'))->toBe(2.0);
});

it('holds the last reading against the best of the earlier ones, at, under and over the limit', function (array $read, ?Verdict $is): void {
    // insulation is to be compared with its earlier readings: IEEE 43-2013 (from memory); that half is news is common practice
    expect(insulationOver($read)?->verdict)->toBe($is);
})->with([
    [['120'], null], [[], null], [['120', '110'], Verdict::Good], [['120', '61'], Verdict::Good], [['120', '60'], Verdict::Watch],
    [['60', '120', '59'], Verdict::Watch], [['20', '120'], Verdict::Good], [['OL', '40'], null],
]);

it('watches what goes up as well, and of what nothing is watched says nothing', function (): void {
    $static = static fn (string $supply): Kept => Kept::of('static-pressure', ['supply' => $supply, 'return' => '0.2'], []);
    $about = PartChecks::named('static-pressure')->about();
    // 0.3 and 0.2 are 0.5 in w.c.; 0.425 and 0.2 are 1.25 times that
    expect(Trend::of($about, [$static('0.3'), $static('0.42')])?->verdict)->toBe(Verdict::Good)
        ->and(Trend::of($about, [$static('0.3'), $static('0.426')])?->words)->toContain('gone up')
        ->and(Trend::of(PartChecks::named('supply')->about(), [$static('0.3'), $static('0.9')]))->toBeNull();
});

it('watches figures that its checks have', function (): void {
    $watching = array_filter(
        array_map(static fn ($check): About => $check->about(), PartChecks::all()),
        static fn (About $about): bool => $about->watched !== null,
    );
    $given = [
        'capacitor' => ['marked' => '45', 'read' => '44'], 'capacitor-under-load' => ['marked' => '45', 'volts' => '370', 'amps' => '6'],
        'flame-signal' => ['read' => '3'], 'insulation' => ['read' => '100'], 'running-current' => ['plate' => '5', 'amps' => '4'],
        'static-pressure' => ['supply' => '0.3', 'return' => '0.2'],
    ];
    expect(array_keys($watching))->toEqualCanonicalizing(array_keys($given));
    foreach ($given as $check => $typed) {
        expect(Kept::of($check, $typed, [])->value((string) $watching[$check]->watched?->figure))->toBeFloat();
    }
});

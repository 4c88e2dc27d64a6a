<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Windings\ThreeLeads;

/** @param  array<string, string>  $given */
function threeLeads(array $given): Judgement
{
    return (new ThreeLeads)->of($given);
}

it('names common, run and start in whatever order the leads were read', function (string $ab, string $bc, string $ac, string $says): void {
    // two windings in series between run and start [physics]
    $judgement = threeLeads(['a' => 'brown', 'b' => 'purple', 'c' => 'black', 'ab' => $ab, 'bc' => $bc, 'ac' => $ac]);
    expect($judgement->verdict)->toBe(Verdict::Good)->and($judgement->findings[0])->toBe($says);
})->with([
    ['118', '69', '49', 'Black is common, brown run, purple start.'], ['118', '49', '69', 'Black is common, purple run, brown start.'],
    ['49', '118', '69', 'Brown is common, purple run, black start.'], ['69', '118', '49', 'Brown is common, black run, purple start.'],
    ['49', '69', '118', 'Purple is common, brown run, black start.'], ['69', '49', '118', 'Purple is common, black run, brown start.'],
]);

it('adds up for any two windings, read with leads of any ohms, whatever the order', function (): void {
    foreach ([[0.6, 2.4], [2.1, 3.3], [11.0, 45.0], [400.0, 900.0]] as [$run, $start]) {
        foreach ([0.0, 0.2, 0.5] as $leads) {
            $given = ['ab' => $run + $leads, 'bc' => $start + $leads, 'ac' => $run + $start + $leads, 'leads' => $leads];
            $judgement = threeLeads(array_map(static fn (float $ohms): string => sprintf('%.3f', $ohms), $given));
            $figures = array_map(static fn (Figure $f): ?float => $f->value, $judgement->figures);
            expect($judgement->verdict)->toBe(Verdict::Good)
                ->and($figures[0])->toEqualWithDelta($run, 1e-3)->and($figures[1])->toEqualWithDelta($start, 1e-3);
        }
    }
});

it('does not believe three readings that do not add up, over what meter and leads can be off', function (
    string $both,
    Verdict $verdict,
): void {
    // 0.9 % + 2 counts on each (6000 counts, common practice) and 0.3 Ω of leads: 3.05 Ω on 49 + 69 = 118
    expect(threeLeads(['ab' => $both, 'bc' => '69', 'ac' => '49'])->verdict)->toBe($verdict);
})->with([['118', Verdict::Good], ['120.9', Verdict::Good], ['122', Verdict::Watch], ['115.1', Verdict::Good], ['114', Verdict::Watch]]);

it('calls a winding good by the maker\'s values alone where the shop does', function (array $more, Verdict $verdict): void {
    $read = ['ab' => '118', 'bc' => '69', 'ac' => '49', 'good' => Habit::MAKERS, 'temperature' => '77 °F'];
    expect(threeLeads([...$read, ...$more])->verdict)->toBe($verdict);
})->with([
    [[], Verdict::CannotSay], [['run' => '49'], Verdict::CannotSay], [['run' => '49', 'start' => '69'], Verdict::Good],
    [['run' => '80', 'start' => '69'], Verdict::Bad], [['good' => Habit::SUMS], Verdict::Good],
    // what is wrong is wrong by either
    [['bc' => '80'], Verdict::Watch],
]);

it('tells an open winding from an open overload', function (array $given, Verdict $verdict, string $headline): void {
    // an internal overload sits in the common lead (common practice, no published source)
    $judgement = threeLeads(['run' => '0.8', 'start' => '3.2', ...$given]);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->headline)->toBe($headline);
})->with([
    'overload' => [['ab' => '4.0', 'bc' => 'OL', 'ac' => 'OL'], Verdict::CannotSay, 'The overload inside is open'],
    'run' => [['ab' => '3.2', 'bc' => 'OL', 'ac' => 'OL'], Verdict::Bad, 'The run winding is open'],
    'start' => [['ab' => '0.8', 'bc' => 'OL', 'ac' => 'OL'], Verdict::Bad, 'The start winding is open'],
    'neither' => [['ab' => '9', 'bc' => 'OL', 'ac' => 'OL'], Verdict::CannotSay, 'Open from C'],
    'all' => [['ab' => 'OL', 'bc' => 'OL', 'ac' => 'OL'], Verdict::Bad, 'Every pair is open'],
    'one, which cannot be' => [['ab' => 'OL', 'bc' => '3', 'ac' => '1'], Verdict::CannotSay, 'These readings cannot be'],
]);

it('holds them against the maker\'s values at the same temperature', function (string $run, string $temperature, Verdict $verdict): void {
    // copper: 0.80 Ω at 25 °C is 0.80·(234.5 + 80)/(234.5 + 25) = 0.970 Ω at 80 °C (IEEE 112, from memory)
    $sum = sprintf('%.3f', (float) $run + 3.88);
    expect(threeLeads([
        'ab' => $run, 'bc' => '3.88', 'ac' => $sum, 'leads' => '0', 'run' => '0.80', 'start' => '3.2', 'temperature' => $temperature,
        'maker_at' => '25 °C',
    ])->verdict)->toBe($verdict);
})->with([['0.970', '80 °C', Verdict::Good], ['0.970', '25 °C', Verdict::Bad], ['0.60', '80 °C', Verdict::Bad]]);

it('holds them against the maker\'s values at any temperature a winding may have, where it is not known', function (
    string $run,
    Verdict $verdict,
): void {
    // copper: 0.80 Ω at 25 °C is 0.723 Ω at 0 °C and 1.031 Ω at 100 °C (IEEE 112, from memory); a tenth and the meter's error besides
    $sum = sprintf('%.3f', (float) $run + 3.2);
    expect(threeLeads(['ab' => $run, 'bc' => '3.2', 'ac' => $sum, 'leads' => '0', 'run' => '0.80', 'start' => '3.2'])->verdict)
        ->toBe($verdict);
})->with([['0.60', Verdict::Good], ['0.42', Verdict::Bad], ['1.30', Verdict::Good], ['1.39', Verdict::Bad]]);

it('takes any path to bare metal for a ground', function (string $ground, Verdict $verdict): void {
    expect(threeLeads(['ab' => '118', 'bc' => '69', 'ac' => '49', 'ground' => $ground])->verdict)->toBe($verdict);
})->with([['OL', Verdict::Good], ['1.1M', Verdict::Watch], ['0.99M', Verdict::Bad], ['0', Verdict::Bad]]);

it('calls nothing shorted that a meter cannot tell from a large compressor\'s winding, unless its ohms are known', function (): void {
    // run windings of large single-phase compressors have some tenths of an ohm (common practice, no published source)
    $given = ['ab' => '3.2', 'bc' => '0.1', 'ac' => '3.2', 'leads' => '0.1'];
    expect(threeLeads($given)->headline)->toBe('Next to nothing')->and(threeLeads($given)->verdict)->toBe(Verdict::CannotSay)
        ->and(threeLeads([...$given, 'run' => '1.2'])->verdict)->toBe(Verdict::Bad)
        ->and(threeLeads(['ab' => '2.5', 'bc' => '0.6', 'ac' => '3.1', 'leads' => '0'])->verdict)->toBe(Verdict::Good);
});

it('refuses what cannot be, and says what to do', function (array $given, string $message): void {
    expect(fn () => threeLeads($given))->toThrow(BadGiven::class, $message);
})->with([
    [['ab' => '118', 'bc' => '69'], 'first – third is missing.'],
    [['ab' => '-1', 'bc' => '69', 'ac' => '49'], 'no resistance below nothing'],
    [['ab' => '118 V', 'bc' => '69', 'ac' => '49'], 'not a unit of resistance'],
    [['ab' => 'x', 'bc' => '69', 'ac' => '49'], 'not a number'],
    [['a' => 'C', 'ab' => '118', 'bc' => '69', 'ac' => '49'], 'called the same'], [['xy' => '3'], 'There is no "xy" to give.'],
    [['ab' => '118', 'bc' => '69', 'ac' => '49', 'run' => '0'], 'cannot be zero'],
]);

it('says that a motor may be wound otherwise, where the two larger are alike', function (): void {
    // a 460 V fan motor's start winding may begin in the middle of its run winding: common practice, no published source
    $judgement = threeLeads(['ab' => '41', 'bc' => '90.5', 'ac' => '90.3']);
    expect($judgement->verdict)->toBe(Verdict::CannotSay)->and($judgement->headline)->toBe('Not wound as most are')
        ->and(threeLeads(['ab' => '41', 'bc' => '90.5', 'ac' => '97'])->verdict)->toBe(Verdict::Watch);
});

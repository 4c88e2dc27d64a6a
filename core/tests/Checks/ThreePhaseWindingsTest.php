<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Windings\ThreePhaseWindings;

/** @param  array<string, string>  $further */
function threePairs(float|string $t1t2, float|string $t2t3, float|string $t1t3, array $further = []): Judgement
{
    $read = ['t1t2' => $t1t2, 't2t3' => $t2t3, 't1t3' => $t1t3];

    return (new ThreePhaseWindings)->of([...array_map(strval(...), $read), ...$further]);
}

it('holds three pairs against their mean, at the limits, under and over them', function (float $odd, Verdict $verdict): void {
    // over 5 % doubtful, over 10 % bad (common practice, no published source); the odd pair is that far off the mean of all three
    $others = 20.0;
    expect(threePairs($others, $others, $others * (1 + $odd) / (1 - $odd / 2), ['leads' => '0'])->verdict)->toBe($verdict);
})->with([[0.0, Verdict::Good], [0.048, Verdict::Good], [0.052, Verdict::Watch], [0.098, Verdict::Watch], [0.102, Verdict::Bad]]);

it('is as strict with them as the shop is', function (float $odd, Verdict $verdict): void {
    // 3 % doubtful, 5 % bad (common practice, no published source)
    $read = threePairs(20.0, 20.0, 20.0 * (1 + $odd) / (1 - $odd / 2), ['leads' => '0', 'alike' => Habit::TWENTIETH]);
    expect($read->verdict)->toBe($verdict)->and($read->limits[0]->words)->toContain('3 % doubtful, 5 % bad');
})->with([[0.028, Verdict::Good], [0.032, Verdict::Watch], [0.048, Verdict::Watch], [0.052, Verdict::Bad]]);

it('knows a delta with one winding open: one pair reads twice the others', function (float $winding): void {
    // closed, each pair is 2/3 of a winding; with one open, two windings in series across it, one across each other [physics]
    $judgement = threePairs(2 * $winding, $winding, $winding, ['leads' => '0']);
    expect($judgement->verdict)->toBe(Verdict::Bad)->and($judgement->findings[0])->toContain('open, in a delta');
    $closed = 2 / 3 * $winding;
    expect(threePairs($closed, $closed, $closed, ['leads' => '0'])->findings[0])->toBe('All three are alike.');
})->with([9.0, 20.0, 45.0]);

it('knows a wye with a high winding by the two pairs that it is in', function (): void {
    // 10 Ω each, one of 16: pairs of 20, 26 and 26 [physics]
    expect(threePairs(26.0, 26.0, 20.0)->findings[0])->toContain('The two pairs with T2 stand out');
});

it('tells an open phase, all of them open, and what cannot be', function (array $read, Verdict $verdict, string $says): void {
    $judgement = threePairs(...$read);
    expect($judgement->verdict)->toBe($verdict)->and("$judgement->headline ".$judgement->findings[0])->toContain($says);
})->with([
    [['OL', '2.9', 'OL'], Verdict::Bad, 'Both pairs with T1 are open'], [['OL', 'OL', 'OL'], Verdict::Bad, 'Every pair is open'],
    [['2.9', 'OL', '2.9'], Verdict::CannotSay, 'These readings cannot be'],
]);

it('does not judge what its meter cannot tell', function (): void {
    // 0.9 % and two counts of 0.1 Ω is 0.2 Ω: 40 % of half an ohm (6000 counts, common practice)
    expect(threePairs(0.5, 0.5, 0.5)->verdict)->toBe(Verdict::CannotSay)
        ->and(threePairs(0.1, 0.1, 0.1)->headline)->toBe('Too low for this meter');
});

it('takes any path to bare metal for a ground', function (string $ground, Verdict $verdict): void {
    expect(threePairs(20.0, 20.0, 20.0, ['ground' => $ground])->verdict)->toBe($verdict);
})->with([['OL', Verdict::Good], ['2M', Verdict::Watch], ['500k', Verdict::Bad]]);

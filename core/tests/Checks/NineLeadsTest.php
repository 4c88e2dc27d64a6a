<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Windings\NineLeads;

/**
 * What an ohmmeter shows between the leads of six halves, joined inside as a wye: T7, T8 and T9 meet [NEMA MG 1, from memory].
 *
 * @param  array<string, float>  $halves  ohms by t1, t2, t3, t7, t8, t9
 * @return array<string, string>
 */
function nineAsWye(array $halves): array
{
    $h = [...array_fill_keys(['t1', 't2', 't3', 't7', 't8', 't9'], 20.0), ...$halves];

    return array_map(static fn (float $ohms): string => is_finite($ohms) ? (string) $ohms : 'OL', [
        't1t4' => $h['t1'], 't2t5' => $h['t2'], 't3t6' => $h['t3'],
        't7t8' => $h['t7'] + $h['t8'], 't8t9' => $h['t8'] + $h['t9'], 't7t9' => $h['t7'] + $h['t9'], 't1t9' => INF,
    ]);
}

/** @param  array<string, string>  $given */
function nine(array $given): Judgement
{
    return (new NineLeads)->of($given);
}

it('tells a wye from a delta, and says how each is joined for either voltage', function (): void {
    // NEMA MG 1 part 2, nine leads (from memory)
    $wye = nineAsWye([]);
    $delta = ['t1t4' => '20', 't2t5' => '20', 't3t6' => '20', 't7t8' => 'OL', 't1t9' => '20', 't2t7' => '20', 't3t8' => '20'];
    expect(implode(' ', nine($wye)->findings))->toContain('A wye.', 'T1 with T7, T2 with T8, T3 with T9; T4, T5 and T6 together')
        ->and(nine($wye)->verdict)->toBe(Verdict::Good)->and(nine($delta)->verdict)->toBe(Verdict::Good)
        ->and(implode(' ', nine($delta)->findings))->toContain('A delta.', 'T1 with T6 and T7, T2 with T4 and T8, T3 with T5 and T9');
    foreach ([$wye, $delta] as $either) {
        expect(implode(' ', nine([...$either, 'supply' => 'the higher voltage'])->findings))
            ->toContain('T4 with T7, T5 with T8, T6 with T9; the line on T1, T2, T3');
    }
    expect(nine(['t1t4' => '20', 't2t5' => '20', 't3t6' => '20'])->verdict)->toBe(Verdict::CannotSay);
});

it('finds which half is not like the others, at the limits, under and over them', function (
    string $half,
    float $factor,
    Verdict $is,
): void {
    // over 5 % off the mean of all six doubtful, over 10 % bad (common practice, no published source)
    $judgement = nine(nineAsWye([$half => 20.0 * $factor]));
    expect($judgement->verdict)->toBe($is);
    if ($is !== Verdict::Good) {
        expect($judgement->findings[0])->toContain(strtoupper($half));
    }
})->with([
    ['t1', 1.05, Verdict::Good], ['t1', 1.07, Verdict::Watch], ['t2', 0.89, Verdict::Watch], ['t3', 0.85, Verdict::Bad],
    ['t7', 1.07, Verdict::Watch], ['t8', 1.15, Verdict::Bad], ['t9', 0.8, Verdict::Bad],
]);

it('finds what is open', function (string $half, string $says): void {
    expect(nine(nineAsWye([$half => INF]))->verdict)->toBe(Verdict::Bad)
        ->and(implode(' ', nine(nineAsWye([$half => INF]))->findings))->toContain($says);
})->with([['t1', 'T1 – T4 is open'], ['t3', 'T3 – T6 is open'], ['t8', 'T7 – T8 is open'], ['t9', 'T8 – T9 is open']]);

it('refuses leads that are still joined, and takes a ground for what it is', function (): void {
    expect(fn () => nine([...nineAsWye([]), 't1t9' => '40']))->toThrow(BadGiven::class, 'still joined')
        ->and(fn () => nine(['t1t4' => '20', 't2t5' => '-3', 't3t6' => '20']))->toThrow(BadGiven::class)
        ->and(nine([...nineAsWye([]), 'ground' => '300'])->headline)->toBe('It is grounded');
});

<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Supply\ThreeFuses;
use Levin\Core\Checks\Supply\ThreePhase;
use Levin\Core\Checks\Supply\Unbalance;

/** @return array<string, string> */
function legs(float ...$volts): array
{
    return array_combine(['l1l2', 'l2l3', 'l1l3'], array_map(strval(...), $volts));
}

it('works the example of NEMA MG 1: 460, 467 and 450 V are 1.96 % apart', function (): void {
    // NEMA MG 1, 14.36 (from memory): mean 459, deviation 9
    $unbalance = new Unbalance(460.0, 467.0, 450.0);
    expect($unbalance->mean)->toEqualWithDelta(459.0, 1e-9)->and(round(100 * $unbalance->share, 2))->toBe(1.96);
});

it('derates by the figure of NEMA MG 1, and stops above five per cent', function (float $percent, ?float $share): void {
    // NEMA MG 1, figure 14-1: 2 % 0.95, 3 % 0.88, 4 % 0.82, 5 % 0.75 (from memory)
    $off = 4.6 * $percent;
    $derating = (new Unbalance(460.0 + $off, 460.0 - $off / 2, 460.0 - $off / 2))->derating();
    $share === null ? expect($derating)->toBeNull() : expect($derating)->toEqualWithDelta($share, 1e-6);
})->with([[0.0, 1.0], [1.0, 1.0], [1.5, 0.975], [2.0, 0.95], [3.0, 0.88], [4.0, 0.82], [4.999999, 0.75], [5.1, null]]);

it('judges at, just under and just over its limits', function (array $volts, string $rated, Verdict $verdict, string $headline): void {
    // 1 % and 5 %: NEMA MG 1, 14.36; ±10 %: 12.44 (from memory)
    $judgement = (new ThreePhase)->of([...legs(...$volts), 'rated' => $rated]);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->headline)->toBe($headline);
})->with([
    [[460.0, 460.0, 460.0], '460', Verdict::Good, 'Supply good'], [[464.5, 457.7, 457.7], '460', Verdict::Good, 'Supply good'],
    [[465.0, 457.5, 457.5], '460', Verdict::Watch, 'Uneven'], [[460.0, 467.0, 450.0], '460', Verdict::Watch, 'Uneven'],
    [[484.0, 448.0, 448.0], '460', Verdict::Bad, 'Too uneven to run on'], [[414.5, 414.5, 414.5], '460', Verdict::Good, 'Supply good'],
    [[413.0, 413.0, 413.0], '460', Verdict::Bad, 'Too low'], [[507.0, 507.0, 507.0], '460', Verdict::Bad, 'Too high'],
    [[0.0, 0.0, 0.0], '460', Verdict::Bad, 'No supply'],
]);

it('names the leg that is lost, or fed back by a motor', function (array $volts, string $leg): void {
    // both pairs with it are low (common practice, no published source)
    expect((new ThreePhase)->of(legs(...$volts))->headline)->toBe("$leg is lost");
})->with([[[240.0, 120.0, 120.0], 'L3'], [[130.0, 110.0, 240.0], 'L2'], [[400.0, 480.0, 410.0], 'L1']]);

it('takes a high leg for what it is', function (): void {
    // a 240 V delta grounded at the middle of one winding has 120, 120 and 120·√3 = 208 V to ground [physics]
    $judgement = (new ThreePhase)->of([...legs(240.0, 240.0, 240.0), 'l1g' => '120', 'l2g' => '208', 'l3g' => '120']);
    expect($judgement->verdict)->toBe(Verdict::Good)->and(implode(' ', $judgement->findings))->toContain('L2 is a high leg');
    $wye = (new ThreePhase)->of([...legs(208.0, 208.0, 208.0), 'l1g' => '120', 'l2g' => '120', 'l3g' => '120']);
    expect(implode(' ', $wye->findings))->not->toContain('high leg');
});

it('takes a grounded corner for what it is, and a leg that a motor makes for lost', function (): void {
    $ground = fn (string ...$volts): array => array_combine(['l1g', 'l2g', 'l3g'], $volts);
    // a delta grounded at a corner has nothing there, and the volts between legs at the others [physics]
    $corner = (new ThreePhase)->of([...legs(240.0, 240.0, 240.0), ...$ground('240', '0.4', '240')]);
    expect($corner->verdict)->toBe(Verdict::Good)->and(implode(' ', $corner->findings))->toContain('L2 is the grounded corner');
    // 479 V between legs, and one at 237 V to ground beside two at 277: fed back (common practice, no published source)
    $fedBack = (new ThreePhase)->of([...legs(470.0, 468.0, 479.0), ...$ground('277', '237', '277')]);
    expect($fedBack->headline)->toBe('L2 is fed back')->and($fedBack->verdict)->toBe(Verdict::Bad);
    $wye = (new ThreePhase)->of([...legs(480.0, 480.0, 480.0), ...$ground('277', '275', '278')]);
    expect($wye->verdict)->toBe(Verdict::Good);
});

it('draws three legs as they are to one another', function (): void {
    // equal sides make an equilateral triangle: 277 V from its middle, 120 degrees apart [physics]
    $phasors = (new ThreePhase)->of(legs(480.0, 480.0, 480.0))->phasors;
    expect(array_map(fn ($p): string => $p->name, $phasors))->toBe(['L1', 'L2', 'L3'])
        ->and($phasors[0]->degrees)->toEqualWithDelta(90.0, 1e-9)->and($phasors[0]->volts)->toEqualWithDelta(480 / sqrt(3), 1e-9)
        ->and(abs($phasors[0]->degrees - $phasors[1]->degrees))->toEqualWithDelta(120.0, 1e-9)
        ->and(abs($phasors[1]->degrees - $phasors[2]->degrees))->toEqualWithDelta(120.0, 1e-9);
    $lost = (new ThreePhase)->of(legs(480.0, 400.0, 400.0))->phasors;
    expect(array_map(fn ($p): bool => $p->isOdd, $lost))->toBe([false, false, true])
        ->and($lost[2]->volts)->toBeLessThan($lost[0]->volts);
});

it('refuses three voltages that three legs cannot have', function (array $given, string $message): void {
    expect(fn () => (new ThreePhase)->of($given))->toThrow(BadGiven::class, $message);
})->with([
    [legs(480.0, 100.0, 100.0), 'more than the two others together'], [['l1l2' => '480'], 'L2 – L3 is missing'],
    [['l1l2' => '480', 'l2l3' => '-480', 'l1l3' => '480'], 'no voltage below nothing'],
]);

it('tells which of three fuses are open by the pairs behind them', function (array $behind, Verdict $is, string $says): void {
    // one open: only the pair without it is whole; two open: nothing between the two dead legs [physics]
    $line = ['l1l2' => '480', 'l2l3' => '480', 'l1l3' => '480'];
    $judgement = (new ThreeFuses)->of([...$line, ...array_combine(['behind_l1l2', 'behind_l2l3', 'behind_l1l3'], $behind)]);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toContain($says);
})->with([
    [['480', '480', '480'], Verdict::Good, 'Fuses whole'], [['480', '433', '433'], Verdict::Good, 'Fuses whole'],
    [['480', '240', '240'], Verdict::Bad, 'The fuse of L3 is open'], [['240', '240', '480'], Verdict::Bad, 'The fuse of L2 is open'],
    [['240', '0', '240'], Verdict::Bad, 'only the fuse of L1 is whole'], [['3', '0', '2'], Verdict::Bad, 'Two or all three are open'],
    [['300', '250', '260'], Verdict::Watch, 'neither whole nor dead'],
]);

it('tells an open fuse by the volts over it, at the limit, under and over it', function (string $over, Verdict $is): void {
    // 5 % of 277 V is 13.9 V (common practice, no published source)
    $line = ['l1l2' => '480', 'l2l3' => '480', 'l1l3' => '480'];
    expect((new ThreeFuses)->of([...$line, 'over2' => $over])->verdict)->toBe($is);
})->with([['0', Verdict::Good], ['13.8', Verdict::Good], ['13.9', Verdict::Bad], ['277', Verdict::Bad]]);

it('does not judge fuses on a supply that is not whole', function (): void {
    expect((new ThreeFuses)->of(['l1l2' => '480', 'l2l3' => '240', 'l1l3' => '240', 'over3' => '0'])->verdict)->toBe(Verdict::CannotSay)
        ->and((new ThreeFuses)->of(['l1l2' => '0', 'l2l3' => '0', 'l1l3' => '0', 'over3' => '0'])->verdict)->toBe(Verdict::CannotSay);
});

<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Noting;
use Levin\Core\Diagnosis\Passage;
use Levin\Core\Diagnosis\Passages;
use Levin\Core\Diagnosis\Span;

// What somebody finds who comes by: shares of the time. Arithmetic, worked by hand here.

/** @param  list<array{float, float, int}>  $all  from, until, scene; the quantity is the seconds that have passed */
function passages(array $all): Passages
{
    return new Passages(array_map(
        static fn (array $p): Passage => new Passage($p[0], $p[1], $p[2], Passage::measured(['t'], ['t' => $p[0]], ['t' => $p[1]])),
        $all,
    ));
}

/** Hums for six seconds, is out for 94, and so on twice more. */
function cycling(): Passages
{
    return passages([[0, 6, 1], [6, 100, 2], [100, 106, 1], [106, 200, 2], [200, 206, 1], [206, 300, 2]]);
}

it('is found in each scene for its share of the time', function (): void {
    expect(cycling()->views(null))->toEqualWithDelta([1 => 0.06, 2 => 0.94], 1e-12)
        // and after its end, whatever the watch says
        ->and(cycling()->views(900.0))->toEqualWithDelta([1 => 0.06, 2 => 0.94], 1e-12);
});

it('is found about a time within a fifth of it', function (float $after, array $views): void {
    expect(cycling()->views($after))->toEqualWithDelta($views, 1e-12);
})->with([
    // 4 to 6 s, 80 to 120 s, 160 to 240 s
    [5.0, [1 => 1.0]], [100.0, [2 => 34 / 40, 1 => 6 / 40]], [200.0, [2 => 74 / 80, 1 => 6 / 80]],
]);

it('stands in the scene of the time, and in the end in the one that lasts', function (?float $after, int $scene): void {
    expect(cycling()->sceneNumber($after))->toBe($scene);
})->with([[0.0, 1], [5.9, 1], [6.0, 2], [103.0, 1], [250.0, 2], [9999.0, 2], [null, 2]]);

it('may be found as it is when it is started hot, some of the times', function (): void {
    $cold = passages([[0, 10, 1], [10, 100, 3]]);
    $both = $cold->orHot(passages([[0, 100, 2]]));
    expect($both->views(50.0))->toEqualWithDelta([3 => 1 - Passages::HOT, 2 => Passages::HOT], 1e-12)
        ->and(array_sum($both->views(9.0)))->toEqualWithDelta(1.0, 1e-12)
        ->and($both->whenHot()->views(50.0))->toBe([2 => 1.0])->and($cold->whenHot())->toBe($cold)
        ->and($cold->orHot(null)->views(50.0))->toBe($cold->views(50.0))
        // what it comes to in the end is what it comes to from cold
        ->and($both->sceneNumber(null))->toBe(3);
});

it('goes through one after another, each from where the one before it ends', function (): void {
    $all = Passages::after(passages([[0, 60, 1]]), passages([[0, 20, 2], [20, 40, 3]]));
    expect(array_map(static fn (Passage $p): array => [$p->from, $p->until, $p->scene], $all->all))
        ->toBe([[0.0, 60.0, 1], [60.0, 80.0, 2], [80.0, 100.0, 3]])
        ->and($all->between(50.0, 90.0))->toEqualWithDelta([1 => 0.25, 2 => 0.5, 3 => 0.25], 1e-12)
        ->and($all->last()->scene)->toBe(3)->and(Passages::after($all))->toBe($all);
});

it('has nothing between two times after its end but how it ended', function (): void {
    expect(cycling()->between(500.0, 600.0))->toBe([2 => 1.0]);
});

it('tells between what a quantity lies, half of the time as good as there', function (): void {
    $spans = cycling()->spans(0, 5.0);
    expect(array_map(static fn (Span $s): array => [$s->low, $s->high, $s->share], $spans))
        ->toEqualWithDelta([[0.0, 6.0, 0.5], [6.0, 6.0, 0.5]], 1e-6)
        ->and(array_sum(array_map(static fn (Span $s): float => $s->share, cycling()->spans(0, null))))->toEqualWithDelta(1.0, 1e-9);
});

it('has a density over a span that adds up to one, wide or narrow', function (float $low, float $high, float $sigma): void {
    // a normal about an even spread (statistics, textbook), added up here
    $span = new Span($low, $high, 1.0);
    $sum = 0.0;
    $step = ($high - $low + 12 * $sigma) / 4000;
    for ($x = $low - 6 * $sigma; $x < $high + 6 * $sigma; $x += $step) {
        $sum += $span->density($x + $step / 2, $sigma) * $step;
    }
    expect($sum)->toEqualWithDelta(1.0, 2e-3);
})->with([[0.0, 0.0, 1.0], [0.0, 0.05, 1.0], [0.0, 10.0, 1.0], [-3.0, 5.0, 4.0], [100.0, 101.0, 0.2]]);

it('watches a start in ways that are all the ways there are', function (): void {
    $all = Noting::all();
    expect(array_sum(array_map(static fn (Noting $n): float => $n->share, $all)))->toEqualWithDelta(1.0, 1e-12);
    $shares = ['hums' => 3.0 / Noting::SECONDS, 'runs' => 1 - 3.0 / Noting::SECONDS];
    // three seconds of a hum are noted by who notes everything, and not counted on
    expect(Noting::everything()->lasting($shares))->toHaveKey('hums')
        ->and(Noting::most()->lasting($shares))->toBe(['runs' => $shares['runs']]);
    $hot = array_values(array_filter(
        $all,
        static fn (Noting $n): bool => $n->scenes(passages([[0, 300, 1]])->orHot(passages([[0, 300, 2]]))) === [2 => 1.0],
    ));
    expect(count($hot))->toBe(1)->and($hot[0]->share)->toBe(Passages::HOT);
});

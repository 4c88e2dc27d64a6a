<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\Ending;
use Levin\Core\Trial\FollowsAdvice;
use Levin\Core\Trial\HiddenUnit;
use Levin\Core\Trial\Ledger;
use Levin\Core\Trial\Luck;
use Levin\Core\Trial\Outcome;
use Levin\Core\Trial\Sort;
use Levin\Core\Trial\Trial;
use Levin\Core\Trial\Truth;
use Levin\Core\Trial\Truths;

/** @param  list<string>  $sorts */
function tried(Unit $unit, array $sorts, int $many, Luck $luck): Ledger
{
    $investigation = $unit->investigation();
    $trial = new Trial($unit->settler, $investigation, new FollowsAdvice, $luck, static fn (): float => 0.0);
    $ledger = new Ledger;
    foreach ((new Dice(3))->some((new Truths($investigation->predictor()))->of(new Dice(3), $sorts), $many) as $truth) {
        $ledger->add($trial->of($truth, new Dice(crc32($truth->words()))));
    }

    return $ledger;
}

// A sample of `levin trial`; the whole, with its figures, is in docs/diagnosis.md.

it('is hardly ever sure of the wrong part, with a meter that errs and a supply that varies', function (string $id, int $many): void {
    $figures = tried(Unit::shipped($id), ['single', 'degree'], $many, new Luck(0.005, 0.05))->figures();
    expect($figures['trials'])->toBe($many)->and($figures['unsafe'])->toBe(0)
        ->and($figures['wrong_but_sure'])->toBeLessThan(0.03)->and($figures['right'])->toBeGreaterThan(0.93);
})->with([['split-cooling', 16], ['gas-furnace', 10], ['air-handler-electric', 12]]);

it('finds what is hidden in any unit of the library', function (): void {
    $ledger = new Ledger;
    foreach (Unit::everyShipped() as $id) {
        $unit = Unit::shipped($id);
        $investigation = $unit->investigation();
        $trial = new Trial($unit->settler, $investigation, new FollowsAdvice, new Luck(0.005, 0.05), static fn (): float => 0.0);
        foreach ((new Truths($investigation->predictor()))->few(new Dice(crc32($id)), 1) as $truth) {
            $ledger->add($trial->of($truth, new Dice(crc32($truth->words()))));
        }
    }
    $others = array_map(static fn (Outcome $o): string => "{$o->truth->words()}: $o->said", $ledger->not(Ending::Right));
    expect($ledger->figures()['trials'])->toBe(count(Unit::everyShipped()))->and($ledger->unsafe())->toBe([])
        ->and($ledger->figures()['wrong_but_sure'])->toBe(0.0, implode("\n", $others))->and(count($others))->toBeLessThanOrEqual(1);
});

it('does not say that nothing is wrong while what would stop a machine has not been looked for', function (): void {
    // with a quarter of its capacitor the fan runs for half an hour until its overload opens: someone who comes meanwhile sees all run
    $unit = Unit::shipped('gas-electric-package');
    $trial = new Trial($unit->settler, $unit->investigation(), new FollowsAdvice, new Luck(0.005, 0.05), static fn (): float => 0.0);
    $truth = new Truth(Sort::Degree, $unit->model()->faults->parseAll(['CAP:fan-weak=0.2385']), 1.0);
    $outcome = $trial->of($truth, new Dice(1 + crc32($truth->words())));
    expect($outcome->ending)->toBe(Ending::Right, $outcome->said)->and($outcome->unsafe)->toBe([]);
});

it('names a reading that was taken on the wrong screw, or does without it', function (): void {
    $figures = tried(Unit::cooling(), ['single'], 6, new Luck(0.005, 0.05, 0.2))->figures();
    expect($figures['wrong_but_sure'])->toBeLessThan(0.1)->and($figures['wrong_named'])->toBeGreaterThan(0.5);
});

it('finds both of two, one after the other or together', function (): void {
    $ledger = tried(Unit::cooling(), ['pair'], 8, new Luck);
    expect(count($ledger->not(Ending::Right)))->toBeLessThanOrEqual(2)->and($ledger->figures()['unsafe'])->toBe(0);
});

it('hides the same again for the same dice, and other luck for others', function (): void {
    $unit = Unit::cooling();
    $hidden = fn (int $seed): HiddenUnit => new HiddenUnit(
        $unit->settler, $unit->conditions(), $unit->model()->faults->parseAll(['HP:open']), false, new Luck(0.01), new Dice($seed),
    );
    $read = fn (HiddenUnit $u): ?float => $u->measure(Levin\Core\Meter\MeterFunction::VoltsAc, 'HP.1', 'LV.C');
    expect($read($hidden(1)))->toBe($read($hidden(1)))->not->toBe($read($hidden(2)));
});

it('tells shares by weight, means by trial, and how sure it was against how often it was right', function (): void {
    $outcome = fn (Ending $ending, float $weight, int $tests, float $said): Outcome => new Outcome(
        new Truth(Sort::Single, Unit::cooling()->model()->faults->parseAll(['HP:open']), $weight),
        $ending, ['HP:open'], 'x', $said, $tests, 2.0 * $tests, 1, $ending === Ending::Wrong ? ['fed into a short'] : [], 2.0,
        $ending === Ending::Right ? 0.5 : null, $ending === Ending::Right, [], [0.1, 0.3],
    );
    $ledger = new Ledger;
    $ledger->add($outcome(Ending::Right, 3.0, 4, 0.99));
    $ledger->add($outcome(Ending::Wrong, 1.0, 2, 0.97));
    $figures = $ledger->figures();
    expect($figures['right'])->toBe(0.75)->and($figures['wrong_but_sure'])->toBe(0.25)->and($figures['found_right'])->toBe(0.75)
        ->and($figures['tests_mean'])->toEqual(3.0)->and($figures['bound_ratio'])->toEqual(1.5)->and($figures['unsafe'])->toBe(1)
        ->and($figures['wrong_named'])->toBe(0.5)->and($figures['ms_per_advice'])->toEqualWithDelta(200.0, 1e-9)
        ->and($figures['calibration'][0])->toMatchArray(['trials' => 2, 'right' => 0.5])
        ->and($ledger->unsafe())->toBe(['HP:open: fed into a short'])->and(count($ledger->not(Ending::Right)))->toBe(1);
});

it('knows what nobody would complain of: a switch stuck closed changes nothing anyone sees', function (): void {
    $truths = (new Truths(Unit::cooling()->investigation()->predictor()))->of(new Dice(1), ['single', 'degree']);
    $words = array_map(fn (Truth $t): string => $t->words(), $truths);
    expect($words)->toContain('HP:open')->not->toContain('HP:stuck-closed');
});

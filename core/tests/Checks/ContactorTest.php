<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Contactors\Contactor;

it('holds the coil between 85 and 110 % of its volts', function (string $coil, Verdict $verdict): void {
    // IEC 60947-4-1 (from memory): 20.4 to 26.4 V of 24
    expect((new Contactor)->of(['rated' => '24', 'coil' => $coil])->verdict)->toBe($verdict);
})->with([['20.3', Verdict::Bad], ['20.5', Verdict::Good], ['24', Verdict::Good], ['26.3', Verdict::Good], ['26.5', Verdict::Watch]]);

it('has it pull in by 85 % and drop out between 20 and 75 %', function (array $given, Verdict $verdict): void {
    // IEC 60947-4-1 (from memory): of 120 V, in by 102, out between 24 and 90
    expect((new Contactor)->of(['rated' => '120', ...$given])->verdict)->toBe($verdict);
})->with([
    [['pulls_in' => '101'], Verdict::Good], [['pulls_in' => '103'], Verdict::Bad], [['drops_out' => '23'], Verdict::Bad],
    [['drops_out' => '25'], Verdict::Good], [['drops_out' => '89'], Verdict::Good], [['drops_out' => '91'], Verdict::Watch],
]);

it('finds the pole that is burnt, and what is lost in it', function (string $poles, Verdict $verdict, string $headline): void {
    // a few tenths of a volt (common practice, no published source)
    expect((new Contactor)->of(['poles' => $poles])->verdict)->toBe($verdict)
        ->and((new Contactor)->of(['poles' => $poles])->headline)->toBe($headline);
})->with([
    ['0.05 0.08 0.19', Verdict::Good, 'Contactor good'], ['0.05 0.2 0.1', Verdict::Watch, 'Pole 2 is worn'],
    ['0.05 0.49', Verdict::Watch, 'Pole 2 is worn'], ['0.5 0.2', Verdict::Bad, 'Pole 1 is burnt'], ['0 0', Verdict::Good, 'Contactor good'],
]);

it('is as strict with a pole as the shop is', function (string $volts, Verdict $verdict): void {
    // a few tenths of a volt (common practice, no published source)
    expect((new Contactor)->of(['poles' => $volts, 'worn' => Habit::THIRD_OF_A_VOLT])->verdict)->toBe($verdict);
})->with([['0.09', Verdict::Good], ['0.11', Verdict::Watch], ['0.29', Verdict::Watch], ['0.31', Verdict::Bad]]);

it('knows that watts are volts times amperes', function (): void {
    // P = V·I [physics]
    expect((new Contactor)->of(['poles' => '0.6', 'amps' => '30'])->figures[1]->value)->toEqualWithDelta(18.0, 1e-9);
});

it('tells an open coil from a shorted one, and a welded pole', function (array $given, Verdict $verdict, string $headline): void {
    $judgement = (new Contactor)->of($given);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->headline)->toBe($headline);
})->with([
    [['ohms' => 'OL'], Verdict::Bad, 'Coil open'], [['ohms' => '0.2'], Verdict::Bad, 'Coil shorted'],
    [['ohms' => '11'], Verdict::Good, 'Contactor good'], [['off' => 'one closed'], Verdict::Bad, 'A pole is welded'],
    [['off' => 'all open'], Verdict::Good, 'Contactor good'], [[], Verdict::CannotSay, 'Too little is known'],
]);

it('says what starts an hour make of its life', function (string $starts, Verdict $is, float $years): void {
    // six an hour, two hundred thousand starts, fifteen hundred hours a year: common practice, no published source
    $judgement = (new Contactor)->of(['starts' => $starts]);
    expect($judgement->verdict)->toBe($is)->and($judgement->figures[0]->value)->toEqualWithDelta($years, 1e-6);
})->with([
    ['6', Verdict::Good, 22.2222222], ['6.1', Verdict::Watch, 21.8579235], ['20', Verdict::Watch, 6.6666667],
    ['2', Verdict::Good, 66.6666667],
]);

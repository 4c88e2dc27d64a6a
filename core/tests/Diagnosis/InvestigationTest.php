<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Episodes;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Fit;
use Levin\Core\Diagnosis\Likelihood;
use Levin\Core\Diagnosis\Prediction;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Sittings;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\Weighing;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\Ending;
use Levin\Core\Trial\Sort;
use Levin\Core\Trial\Truth;
use Levin\Core\Trial\Truths;

it('finds what is hidden among what keeps the unit from running', function (): void {
    $unit = Unit::cooling();
    $tests = [];
    $truths = (new Truths($unit->investigation()->predictor()))->ofOne(new Dice(1));
    $whole = array_filter($truths, fn (Truth $t): bool => $t->sort === Sort::Single && $t->faults->targets() !== ['SUP']);
    // a fifth of them; levin trial has them all
    foreach (array_filter(array_values($whole), fn (int $n): bool => $n % 5 === 0, ARRAY_FILTER_USE_KEY) as $truth) {
        $end = $unit->tried($truth->words());
        expect($end->ending)->toBe(Ending::Right, "{$truth->words()}: $end->said after $end->tests tests")->and($end->unsafe)->toBe([]);
        $tests[] = $end->tests;
    }
    expect(count($tests))->toBeGreaterThan(15)
        // halving 100 suspects takes log2(100) ≈ 6.6 tests where every test has two even outcomes
        ->and(array_sum($tests) / count($tests))->toBeLessThan(7.5);
});

it('advises with the points, the function, the healthy reading and the reason', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $evidence = [Learned::seen('OFM', 'silent', $now), Learned::seen('IBM', 'runs', $now), Learned::seen('CC', 'dropped out', $now)];
    $assessment = $unit->investigation()->assess($evidence, new Standpoint($now, false, 'outdoor'));
    /** @var Advice $next */
    $next = $assessment->next[0];
    /** @var Probe $probe */
    $probe = $next->candidate->test;
    expect($next->candidate->test)->toBeInstanceOf(Probe::class)
        ->and($probe->function)->toBe(MeterFunction::VoltsAc)
        ->and($next->title)->toBe("Volts: $probe->red → $probe->black")
        ->and($next->why)->toContain(': ')->toContain('A healthy unit shows '.Display::said(MeterFunction::VoltsAc, (float) $next->healthy))
        ->and($next->bits)->toBeGreaterThan(0.5)->toBeLessThan(log(150, 2));
    $healthy = $unit->read(MeterFunction::VoltsAc, $probe->red, $probe->black)->display();
    expect($next->expected)->toBe($healthy);
});

it('keeps apart what a test can tell apart and groups what none can', function (): void {
    $unit = Unit::cooling();
    // a tripped switch and a broken one read the same everywhere on the wiring: gauges decide (common practice, no published source)
    expect($unit->tried('HP:open')->faults)->toBe(['HP:open'])->and($unit->tried('HP:tripped')->faults)->toBe(['HP:tripped'])
        ->and($unit->tried('COMP:grounded')->faults)->toContain('w10:grounded');
});

it('proves by good readings only: what lies beyond the fault stays unproved', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $investigation = $unit->investigation();
    $good = $investigation->assess([Learned::metered(MeterFunction::VoltsAc, 'LV.Y', 'LV.C', 26.3, $now)], new Standpoint($now));
    expect($good->proved)->toContain('T1')->toContain('FU3')->not->toContain('COMP')->not->toContain('LP');
    $bad = $investigation->assess(
        [Learned::seen('OFM', 'silent', $now), Learned::metered(MeterFunction::VoltsAc, 'LP.1', 'LP.2', 26.7, $now)],
        new Standpoint($now),
    );
    expect($bad->proved)->toBe([]);
});

it('keeps a suspect alive after one mistaken reading and says when nothing single explains it all', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $readings = [
        Learned::seen('OFM', 'silent', $now), Learned::seen('CC', 'dropped out', $now), Learned::seen('IBM', 'runs', $now),
        Learned::metered(MeterFunction::VoltsAc, 'HP.1', 'LV.C', 26.6, $now),
        Learned::metered(MeterFunction::VoltsAc, 'HP.2', 'LV.C', 0.0, $now),
    ];
    $wrong = Learned::metered(MeterFunction::VoltsAc, 'LV.Y', 'LV.C', 0.0, $now);
    $investigation = $unit->investigation();
    $sound = $investigation->assess($readings, new Standpoint($now));
    $shaken = $investigation->assess([...$readings, $wrong], new Standpoint($now));
    // whether it failed or did its job is for a gauge
    expect($sound->groups[0]->faults[0])->toBeIn(['HP:open', 'HP:tripped'])
        ->and($shaken->groups[0]->faults[0])->toBeIn(['HP:open', 'HP:tripped'])
        ->and($sound->unexplained)->toBe([])
        // the wrong one is named
        ->and($shaken->doubted)->toBe($wrong)->and($shaken->found())->toBeNull();
    $broken = $investigation->assess([
        ...$readings,
        $wrong,
        Learned::metered(MeterFunction::VoltsAc, 'CC.A', 'CC.B', 26.4, $now),
        Learned::metered(MeterFunction::VoltsAc, 'CC.L1', 'CC.L2', 0.0, $now),
    ], new Standpoint($now));
    expect($broken->unexplained)->not->toBe([])->and($broken->found())->toBeNull();
});

it('weighs a reading by how far it lies from the prediction', function (): void {
    $volts = fn (float $read): Likelihood => new Likelihood(MeterFunction::VoltsAc, $read);
    $ohms = fn (?float $read): Likelihood => new Likelihood(MeterFunction::Ohms, $read);
    $farads = fn (?float $read): Likelihood => new Likelihood(MeterFunction::Capacitance, $read);
    $of = fn (?float $value): Prediction => new Prediction($value);
    expect($volts(25.9)->right($of(26.4)))->toBeGreaterThan(1000 * $volts(0.2)->right($of(26.4)))
        ->and($ohms(null)->right($of(null)))->toBe(1.0)->and($ohms(null)->right($of(12.0)))->toBe(0.0)
        ->and($farads(38.5e-6)->agrees($of(40e-6)))->toBeTrue()->and($farads(31e-6)->agrees($of(40e-6)))->toBeFalse()
        // an open capacitor shows OL or some stray figure; a weak one neither
        ->and($farads(null)->isExplainedBy($of(null)))->toBeTrue()->and($farads(0.02e-6)->isExplainedBy($of(null)))->toBeTrue()
        ->and($farads(4.9e-6)->isExplainedBy($of(null)))->toBeFalse();
});

it('takes a mistaken reading for what the next point, no contact or another decade would have shown', function (): void {
    $read = new Likelihood(MeterFunction::VoltsAc, 26.4);
    $dead = new Prediction(0.0);
    $live = [new Prediction(26.4)];
    // as believable as a right one where the next point has it; far less where nothing has
    expect($read->mistaken($dead, $read->beside($live)))->toBeGreaterThan(20 * $read->mistaken($dead, $read->beside([$dead])))
        ->and($read->beside([]))->toBeNull()
        ->and((new Likelihood(MeterFunction::VoltsAc, 0.0))->mistaken(new Prediction(240.0), null))
        ->toBeGreaterThan(5 * (new Likelihood(MeterFunction::VoltsAc, 5.0))->mistaken(new Prediction(240.0), null))
        ->and((new Likelihood(MeterFunction::Capacitance, 4.0e-6))->mistaken(new Prediction(40e-6), null))
        ->toBeGreaterThan((new Likelihood(MeterFunction::Capacitance, 7.0e-6))->mistaken(new Prediction(40e-6), null));
});

it('says little of a conductor that hangs by stray capacitance', function (): void {
    $ghost = new Prediction(2.0, isGhost: true);
    $right = fn (float $read): float => (new Likelihood(MeterFunction::VoltsAc, $read))->right($ghost);
    expect((new Likelihood(MeterFunction::VoltsAc, 14.0))->isExplainedBy($ghost))->toBeTrue()
        ->and($right(14.0) / $right(1.4))->toBeGreaterThan(0.3)
        ->and((new Likelihood(MeterFunction::VoltsAc, 480.0))->isExplainedBy($ghost))->toBeFalse();
});

it('adds up chances to one, whatever it reads on', function (MeterFunction $function, ?float $predicted, float $step, float $most): void {
    // every count that the display can show, mistaken or not
    $sum = fn (Closure $chance): float => array_sum(array_map($chance, range(0, (int) round($most / $step))));
    $of = new Prediction($predicted);
    $right = $sum(fn (int $n): float => (new Likelihood($function, $n * $step))->right($of))
        + (new Likelihood($function, null))->right($of);
    expect($right)->toEqualWithDelta(1.0, 0.05);
})->with([
    'volts' => [MeterFunction::VoltsAc, 26.4, 0.01, 59.99],
    'ohms' => [MeterFunction::Ohms, 12.0, 0.1, 599.9],
    'OL' => [MeterFunction::Ohms, null, 0.1, 599.9],
]);

it('gives the posterior of Bayes\' rule to the last digit: three suspects, two readings, worked out by hand', function (): void {
    $fit = fn (float $right, float $mistaken): Fit => new Fit($right, $mistaken, $right > 0.1);
    $seen = fn (string $part): Evidence => Learned::seen($part, 'runs', Unit::cooling()->conditions());
    $both = [$seen('A'), $seen('B')];
    $weighing = new Weighing([1.0, 2.0, 1.0], [
        [$fit(0.5, 0.1), $fit(0.0, 0.2), $fit(0.25, 0.0)],
        [$fit(0.2, 0.1), $fit(0.4, 0.0), $fit(0.4, 0.3)],
    ], [0, 1, 2], ['one', 'other'], Episodes::among($both), Sittings::among(Unit::cooling()->model()->circuit, $both), []);
    $weights = [
        1.0 * (0.98 * 0.5 + 0.02 * 0.1) * (0.98 * 0.2 + 0.02 * 0.1),
        2.0 * (0.02 * 0.2) * (0.98 * 0.4),
        1.0 * (0.98 * 0.25) * (0.98 * 0.4 + 0.02 * 0.3),
    ];
    foreach ($weights as $s => $weight) {
        expect($weighing->posterior[$s])->toEqualWithDelta($weight / array_sum($weights), 1e-12);
    }
    expect($weighing->without(0)[1])->toEqualWithDelta(0.784 / (0.198 + 0.784 + 0.398), 1e-12)
        ->and($weighing->unexplained())->toBe([])->and($weighing->doubted())->toBeNull()
        ->and($weighing->decidesAlone([0, 2]))->toBe(0)->and($weighing->decidesAlone([0, 1, 2]))->toBeNull();
});

it('finds a contact that is only worn, whatever its ohms, in six tests, and says how bad it is', function (float $ohms): void {
    $unit = Unit::cooling();
    $end = $unit->tried("HP:worn=$ohms");
    expect($end->ending)->toBe(Ending::Right)->and($end->faults)->toBe(['HP:worn'])->and($end->tests)->toBeLessThanOrEqual(6)
        ->and($end->said)->toStartWith('High-pressure switch: contact worn, about ')->toEndWith(' Ω');
})->with([20.0, 30.0, 40.0, 100.0, 200.0]);

it('says weak, and about how weak, of a capacitor that reads half or a quarter of what it is marked', function (float $left): void {
    $unit = Unit::cooling();
    $end = $unit->tried("CAP2:run-weak=$left");
    preg_match_all('/[\d.]+/', (string) strstr($end->said, 'about'), $told);
    $told = array_map(static fn (string $percent): float => (float) $percent / 100, $told[0]);
    expect($end->ending)->toBe(Ending::Right)->and($end->faults)->toBe(['CAP2:run-weak'])
        ->and(min([1.0, ...$told]))->toBeLessThan(1.3 * $left)->and(max([0.0, ...$told]))->toBeGreaterThan(0.7 * $left);
})->with([0.49, 0.25, 0.6]);

it('stays unsure of a string of volts that no part of the unit makes, and says what it cannot explain', function (): void {
    // three readings of 49 V on a 24 V string: the drawing, or the meter
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $read = fn (string $red): Evidence => Learned::metered(MeterFunction::VoltsAc, $red, 'LV.C', 49.0, $now);
    $end = $unit->investigation()->assess([$read('HP.1'), $read('LP.1'), $read('CC.A')], new Standpoint($now, false, 'outdoor'));
    expect($end->found())->toBeNull()->and($end->unexplained)->not->toBe([])->and($end->doubted)->not->toBeNull()
        ->and($end->unexplained[0]->words())->toContain('49.00 V on ');
});

it('does not take a piece for explained by a degree that is out of the question', function (): void {
    // a fuse that is loose by 125 ohms, of which one reading says 125 and the next one none at all
    $fit = fn (float $right, bool $explains, float $mistaken = 1e-6): Fit => new Fit($right, $mistaken, $explains);
    $both = [Learned::seen('A', 'runs', Unit::cooling()->conditions()), Learned::seen('B', 'runs', Unit::cooling()->conditions())];
    $of = fn (float $slight): array => (new Weighing([1.0, 1.0, 1.0], [
        [$fit(1e-9, false), $fit($slight, true), $fit(0.5, true)],
        [$fit(1e-9, false), $fit(0.5, true), $fit(1e-9, false, 1e-3)],
    ], [0, 1, 1], ['one', 'other'], Episodes::among($both), Sittings::among(Unit::cooling()->model()->circuit, $both), []))->unexplained();
    expect($of(1e-12))->toBe([1])->and($of(0.1))->toBe([]);
});

it('thinks of a door switch between two degrees, at one of which the furnace lights and at the other nothing starts', function (): void {
    // it ended at a pressure switch before levels between were thought of
    $end = Unit::shipped('gas-furnace')->tried('DS:worn=27');
    expect($end->ending)->toBe(Ending::Right)->and($end->faults)->toBe(['DS:worn']);
});

it('asks once more for what two readings of the same say differently', function (): void {
    $unit = Unit::cooling();
    $volts = fn (float $shown): Evidence => Learned::metered(MeterFunction::VoltsAc, 'CC.T1', 'CC.T2', $shown, $unit->conditions());
    $evidence = [
        Learned::seen('OFM', 'silent', $unit->conditions()),
        Learned::seen('CC', 'pulled in', $unit->conditions()),
        Learned::metered(MeterFunction::VoltsAc, 'CC.L1', 'CC.L2', 240.0, $unit->conditions()),
        $volts(3.3), $volts(0.001),
    ];
    $from = new Standpoint($unit->conditions());
    $assess = fn (Evidence ...$more): Assessment => $unit->investigation()->assess([...$evidence, ...$more], $from);
    $torn = $assess();
    expect($torn->doubted)->not->toBeNull()->and($torn->found())->toBeNull()
        ->and($torn->next[0]->title)->toBe('Volts: CC.T1 → CC.T2')->and($assess($volts(3.31))->unexplained)->toBe([]);
    // answered three times it is not asked for again
    $titles = array_column($assess($volts(0.001), $volts(7.0))->next, 'title');
    expect($titles)->not->toContain('Volts: CC.T1 → CC.T2');
});

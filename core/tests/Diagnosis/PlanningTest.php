<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Planning;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Ranked;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

// Eight suspects, each as likely: what outcomes tell is the entropy of their sizes (Shannon 1948).
$entropy = fn (array $outcomes): float => -array_sum(array_map(fn (array $o): float => count($o) / 8 * log(count($o) / 8, 2), $outcomes));
$halves = [[[0, 1, 2, 3], [4, 5, 6, 7]], [[0, 1, 4, 5], [2, 3, 6, 7]], [[0, 2, 4, 6], [1, 3, 5, 7]]];

it('goes where several tests share the way, rather than to the one that is nearest', function () use ($entropy, $halves): void {
    $unit = Unit::cooling();
    $dead = fn (string $red): Candidate => new Candidate(
        new Probe(MeterFunction::Ohms, $red, 'SUP.G'), new Occasion($unit->off()), [], 5.5, 1.0, 5.0,
    );
    $near = Ranked::of(
        new Candidate(new Probe(MeterFunction::VoltsAc, 'CC.A', 'CC.B'), new Occasion($unit->conditions()), [], 2.5, 1.0, 2.0), 0.0,
        $entropy([[0], [1, 2, 3, 4, 5, 6, 7]]), [[0], [1, 2, 3, 4, 5, 6, 7]],
    );
    $far = array_map(
        fn (string $red, array $outcomes): Ranked => Ranked::of($dead($red), 0.0, $entropy($outcomes), $outcomes),
        ['CC.A', 'HP.1', 'LV.Y'], $halves,
    );
    // by itself the near one tells more a minute: 0.54 bits in 2.5 minutes, against 1 bit in 5.5; three there tell 3 bits in 6.5
    expect($near->score())->toBeGreaterThan($far[0]->score());
    $plan = (new Planning($unit->model()->circuit, $entropy(...)))->best([$near, ...$far]);
    expect($plan->tests)->toHaveCount(3)->and($plan->score)->toEqualWithDelta(3 / 6.5, 1e-9)
        ->and($plan->tests[0]->candidate->test->act()->isDead())->toBeTrue();
    // the black lead stays on the lug
    expect(array_map(fn (Candidate $c): string => $c->test->act()->at, $plan->sweep()))->toBe(['HP.1', 'LV.Y']);
});

it('adds nothing to a plan that tells nothing new', function () use ($entropy, $halves): void {
    $unit = Unit::cooling();
    $same = fn (string $red): Ranked => Ranked::of(
        new Candidate(new Probe(MeterFunction::VoltsAc, $red, 'CC.B'), new Occasion($unit->conditions()), [], 0.5, 1.0),
        0.0,
        1.0,
        $halves[0],
    );
    $plan = (new Planning($unit->model()->circuit, $entropy(...)))->best([$same('CC.A'), $same('HP.1'), $same('LV.Y')]);
    expect($plan->tests)->toHaveCount(1)->and($plan->sweep())->toBe([]);
});

<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\Likelihood;
use Levin\Core\Diagnosis\Observation;
use Levin\Core\Diagnosis\Reading;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

/**
 * Hides a fault, follows the advice with simulated readings, and says where it ends.
 *
 * @return array{Assessment, int} the last assessment and the number of tests
 */
function trial(Unit $unit, Investigation $investigation, string $fault, int $most = 16): array
{
    $now = $unit->conditions();
    $hidden = $unit->settle($now, [$fault]);
    $evidence = [
        new Observation('IBM', $hidden->observed('IBM'), $now),
        new Observation('OFM', $hidden->observed('OFM'), $now),
        new Observation('COMP', $hidden->observed('COMP'), $now),
    ];
    $place = 'outdoor';
    for ($tests = 0; ; $tests++) {
        $assessment = $investigation->assess($evidence, $now, false, $place);
        $next = $assessment->next[0] ?? null;
        if ($assessment->found() !== null || $next === null || $tests === $most) {
            return [$assessment, $tests];
        }
        $conditions = $next->test->conditions;
        $there = $unit->settle($conditions, [$fault], $hidden->states);
        $there = $conditions->key() === $now->key() ? $hidden : $there;
        if ($next->test->function === null) {
            $evidence[] = new Observation($next->test->red, $there->observed($next->test->red), $conditions);
        } else {
            $shown = (new Meter($unit->settler))->read($next->test->function, $next->test->red, $next->test->black, $there);
            $evidence[] = new Reading(
                $next->test->function,
                $next->test->red,
                $next->test->black,
                $shown->overload ? null : $shown->value,
                $conditions,
            );
            $place = $unit->model()->circuit->partAt($next->test->red)->place;
        }
    }
}

it('finds whatever is hidden among what keeps the unit from running', function (): void {
    $unit = Unit::cooling();
    $investigation = $unit->investigation();
    $healthy = $unit->with();
    $tried = $tests = 0;
    foreach ($unit->model()->faults->suspects() as $fault) {
        $id = $fault->id();
        $settled = $unit->with($id);
        $symptom = array_filter(['COMP', 'OFM', 'IBM'], fn (string $m): bool => $settled->observed($m) !== $healthy->observed($m));
        if ($symptom === [] || $fault->target === 'SUP') {
            continue;
        }
        [$end, $taken] = trial($unit, $investigation, $id);
        $found = $end->found();
        expect($found)->not->toBeNull("$id is not found after $taken tests; first is {$end->groups[0]->label()}")
            ->and(in_array($id, $found->faults ?? [], true))->toBeTrue("$id is taken for {$found?->label()}");
        $tried++;
        $tests += $taken;
    }
    expect($tried)->toBeGreaterThan(60)
        // halving 100 suspects takes log2(100) ≈ 6.6 tests where every test has two even outcomes
        ->and($tests / $tried)->toBeLessThan(7.5);
});

it('advises with the points, the function, the healthy reading and the reason', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $evidence = [new Observation('OFM', 'silent', $now), new Observation('IBM', 'runs', $now), new Observation('CC', 'dropped out', $now)];
    $assessment = $unit->investigation()->assess($evidence, $now, false, 'outdoor');
    /** @var Advice $next */
    $next = $assessment->next[0];
    expect($next->test->function)->toBe(MeterFunction::VoltsAc)
        ->and($next->title)->toBe("Volts: {$next->test->red} → {$next->test->black}")
        ->and($next->why)->toContain('leaves')->toContain("A healthy unit shows $next->expected")
        ->and($next->bits)->toBeGreaterThan(0.5)->toBeLessThan(log(150, 2));
    $healthy = $unit->read(MeterFunction::VoltsAc, $next->test->red, $next->test->black)->display();
    expect($next->expected)->toBe($healthy);
});

it('keeps apart what a test can tell apart and groups what none can', function (): void {
    $unit = Unit::cooling();
    [$end] = trial($unit, $unit->investigation(), 'HP:open');
    // a tripped switch and a broken one read the same everywhere on the wiring: gauges decide (common practice, no published source)
    expect($end->found()?->faults)->toEqualCanonicalizing(['HP:open', 'HP:tripped']);
});

it('proves by good readings only: what lies beyond the fault stays unproved', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $investigation = $unit->investigation();
    $good = $investigation->assess([new Reading(MeterFunction::VoltsAc, 'LV.Y', 'LV.C', 26.3, $now)], $now, false, null);
    expect($good->proved)->toContain('T1')->toContain('FU3')->not->toContain('COMP')->not->toContain('LP');
    $bad = $investigation->assess(
        [new Observation('OFM', 'silent', $now), new Reading(MeterFunction::VoltsAc, 'LP.1', 'LP.2', 26.7, $now)],
        $now,
        false,
        null,
    );
    expect($bad->proved)->toBe([]);
});

it('keeps a suspect alive after one mistaken reading and says when nothing single explains it all', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $readings = [
        new Observation('OFM', 'silent', $now), new Observation('CC', 'dropped out', $now), new Observation('IBM', 'runs', $now),
        new Reading(MeterFunction::VoltsAc, 'HP.1', 'LV.C', 26.6, $now), new Reading(MeterFunction::VoltsAc, 'HP.2', 'LV.C', 0.0, $now),
    ];
    $wrong = new Reading(MeterFunction::VoltsAc, 'LV.Y', 'LV.C', 0.0, $now);
    $investigation = $unit->investigation();
    $sound = $investigation->assess($readings, $now, false, null);
    $shaken = $investigation->assess([...$readings, $wrong], $now, false, null);
    expect($sound->groups[0]->faults)->toContain('HP:open')
        ->and($shaken->groups[0]->faults)->toContain('HP:open')
        ->and($sound->contradiction)->toBeFalse();
    $broken = $investigation->assess([
        ...$readings,
        $wrong,
        new Reading(MeterFunction::VoltsAc, 'CC.A', 'CC.B', 26.4, $now),
        new Reading(MeterFunction::VoltsAc, 'CC.L1', 'CC.L2', 0.0, $now),
    ], $now, false, null);
    expect($broken->contradiction)->toBeTrue();
});

it('weighs a reading by how far it lies from the prediction', function (): void {
    $near = Likelihood::ofReading(MeterFunction::VoltsAc, 26.4, 25.9);
    $far = Likelihood::ofReading(MeterFunction::VoltsAc, 26.4, 0.2);
    expect($near / $far)->toBeGreaterThan(1000)
        ->and($far)->toBeGreaterThan(0)
        ->and(Likelihood::ofReading(MeterFunction::Ohms, null, null))->toBeGreaterThan(0.9)
        ->and(Likelihood::ofReading(MeterFunction::Ohms, 12.0, null))->toBeLessThan(0.05)
        ->and(Likelihood::agrees(MeterFunction::Capacitance, 40e-6, 38.5e-6))->toBeTrue()
        ->and(Likelihood::agrees(MeterFunction::Capacitance, 40e-6, 31e-6))->toBeFalse();
});

<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Fit;
use Levin\Core\Diagnosis\Leads;
use Levin\Core\Diagnosis\Likelihood;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Prediction;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Course;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Story;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;

// The engine against full enumeration: every single fault of a small circuit is put in, the circuit is run with it from the beginning, and
// Bayes' rule (textbook) and Shannon's entropy (1948) are worked out over all of them.

/** Two heaters behind a breaker and a call; or a valve on a transformer beside a heater. No fault of theirs has degrees. */
function smallCircuit(string $which): Unit
{
    static $units = [];
    $parts = [
        'heaters' => <<<'YAML'
              H1: { kind: heater, label: Heater 1, place: bench, plate: { volts: 120, watts: 900 } }
              H2: { kind: heater, label: Heater 2, place: bench, plate: { volts: 120, watts: 600 } }
            wires:
              w3: { from: SW.2, to: H1.1, colour: red, gauge: 12, length: 1 }
              w4: { from: H1.1, to: H2.1, colour: red, gauge: 12, length: 2 }
              w5: { from: H1.2, to: SUP.N, colour: white, gauge: 12, length: 1 }
              w6: { from: H2.2, to: H1.2, colour: white, gauge: 12, length: 2 }
            YAML,
        'valve' => <<<'YAML'
              T:
                kind: transformer
                label: Transformer
                place: bench
                plate: { va: 40, primary_volts: 120, primary_ohms: 15, secondary_ohms: 0.6 }
              V: { kind: solenoid, label: Valve, place: bench, plate: { coil_volts: 24, coil_ohms: 18, va: 12 } }
              H: { kind: heater, label: Heater, place: bench, plate: { volts: 120, watts: 900 } }
            wires:
              w3: { from: SW.2, to: H.1, colour: red, gauge: 12, length: 1 }
              w4: { from: H.2, to: SUP.N, colour: white, gauge: 12, length: 1 }
              w5: { from: CB.T1, to: T.H1, colour: black, gauge: 14, length: 1 }
              w6: { from: T.H2, to: SUP.N, colour: white, gauge: 14, length: 1 }
              w7: { from: T.X1, to: V.1, colour: yellow, gauge: 18, length: 1 }
              w8: { from: V.2, to: T.X2, colour: blue, gauge: 18, length: 1 }
            YAML,
    ][$which];

    return $units[$which] ??= Unit::fromText(<<<'YAML'
        levin: 1
        id: small
        title: Small
        family: bench
        supply: bench
        frequency: 60
        earth: SUP.G
        places: { bench: { label: bench, minutes: 0 } }
        parts:
          SUP: { kind: supply-single-phase, label: Supply, place: bench, plate: { volts: 120, source_ohms: 0.1 } }
          CB: { kind: breaker-1p, label: Breaker, place: bench, plate: { amps: 20, closed_by: main } }
          SW: { kind: dry-contact, label: Call, place: bench, plate: { called_by: call } }
        YAML."\n$parts\n".<<<'YAML'
          w1: { from: SUP.L, to: CB.L1, colour: black, gauge: 12, length: 1 }
          w2: { from: CB.T1, to: SW.1, colour: black, gauge: 12, length: 1 }
        conditions:
          main: { label: Breaker, default: true, on: 'on', off: 'off', power: true }
          call: { label: Call, default: true, on: calling, off: 'off' }
        ladder:
          - { title: Line, rails: [SUP.L, SUP.N] }
        YAML);
}

/** @return list<array{float, Settled}> how a unit stands and for what share of the time, run from the beginning */
function enumerated(Unit $unit, string ...$faults): array
{
    $in = $unit->model()->faults->parseAll(array_values($faults));
    $course = Course::begun($unit->model(), $unit->settler->networks, $unit->conditions(), $in, wears: false);
    $stood = [];
    while ($course->time() < Story::LONG) {
        [$from, $settled] = [$course->time(), $course->settled()];
        $moved = $course->goOn(Story::LONG);
        if ($course->time() - $from >= Storyteller::BRIEF || ! $moved) {
            $stood[] = [max($course->time() - $from, Storyteller::BRIEF), $settled];
        }
    }
    $all = array_sum(array_column($stood, 0));

    return array_map(fn (array $s): array => [$s[0] / $all, $s[1]], $stood);
}

function predicted(Settled $settled, string $red, string $black): Prediction
{
    $model = $settled->model;
    $source = $settled->network->impedanceBetween($model->node($red), $model->node($black))->abs();

    // ten megohms draw nothing worth the name from what is driven
    return $source > 1e5
        ? new Prediction(Meter::loadedVolts($settled, $red, $black), true)
        : new Prediction($settled->between($red, $black)->abs());
}

/** Chance of a reading of volts, or of what is seen, where a fault is in. */
function chance(Unit $unit, Evidence $evidence, string ...$faults): float
{
    $right = $mistaken = 0.0;
    foreach (enumerated($unit, ...$faults) as [$share, $settled]) {
        if ($evidence->test instanceof Look) {
            $seen = $settled->observed($evidence->test->part) === $evidence->shown;
            $right += $share * ($seen ? 1.0 : 0.0);

            continue;
        }
        assert($evidence->test instanceof Probe);
        $leads = new Leads(MeterFunction::VoltsAc, $evidence->test->red, $evidence->test->black);
        $likelihood = new Likelihood(MeterFunction::VoltsAc, is_float($evidence->shown) ? $evidence->shown : null);
        $beside = array_map(
            fn (Leads $l): Prediction => predicted($settled, $l->red, $l->black),
            $unit->investigation()->predictor()->besides($leads),
        );
        $is = predicted($settled, $leads->red, $leads->black);
        $right += $share * $likelihood->right($is);
        $mistaken += $share * $likelihood->mistaken($is, $likelihood->beside($beside));
    }
    if ($evidence->test instanceof Look) {
        $mistaken = (1 - $right) / (count($unit->model()->parts[$evidence->test->part]->observables()) - 1);
    }

    return (1 - Fit::MISTAKEN) * $right + Fit::MISTAKEN * $mistaken;
}

/** @return array<string, float> probability by fault, the healthy unit as "" */
function byBayes(Unit $unit, Evidence ...$evidence): array
{
    $weights = ['' => 1.0];
    foreach ($unit->model()->faults->suspects() as $fault) {
        $weights[$fault->id()] = $fault->mode->weight;
    }
    foreach ($weights as $id => $weight) {
        $faults = $id === '' ? [] : [$id];
        $weights[$id] = $weight * array_product(array_map(fn (Evidence $e): float => chance($unit, $e, ...$faults), $evidence));
    }
    $all = array_sum($weights);

    return array_map(fn (float $w): float => $w / $all, $weights);
}

/** @return list<Evidence> */
function learned(Unit $unit, string $which, int $many): array
{
    $now = $unit->conditions();
    $function = MeterFunction::VoltsAc;
    $volts = fn (string $red, string $black, float $shown): Evidence => Learned::metered($function, $red, $black, $shown, $now);

    return array_slice($which === 'heaters'
        ? [Learned::seen('H2', 'cold', $now), $volts('H1.1', 'H1.2', 118.4), $volts('H2.1', 'SUP.N', 118.0)]
        : [Learned::seen('H', 'hot', $now), $volts('T.X1', 'T.X2', 27.1), $volts('T.H1', 'T.H2', 119.2)], 0, $many);
}

it('gives every suspect the probability that full enumeration gives it', function (string $which, int $many): void {
    $unit = smallCircuit($which);
    $evidence = learned($unit, $which, $many);
    $predictor = $unit->investigation()->predictor();
    $posterior = $unit->investigation()->assess($evidence, new Standpoint($unit->conditions()))->posterior;
    $expected = byBayes($unit, ...$evidence);
    expect(count($predictor->variants))->toBe(count($expected))->and(count($expected))->toBeGreaterThan(15);
    foreach ($predictor->variants as $v => $faults) {
        expect($posterior[$v])->toEqualWithDelta($expected[implode($faults->ids())], 1e-9);
    }
})->with(['heaters', 'valve'])->with([1, 2, 3]);

it('expects of a test the bits that full enumeration gives it', function (string $which): void {
    $unit = smallCircuit($which);
    $evidence = learned($unit, $which, 1);
    $posterior = byBayes($unit, ...$evidence);
    // what has less than a hundredth of the leading one is out of play
    $inPlay = array_filter($posterior, fn (float $p): bool => $p >= 0.01 * max($posterior));
    $told = 0;
    foreach ($unit->investigation()->assess($evidence, new Standpoint($unit->conditions()))->next as $advice) {
        $test = $advice->candidate->test;
        if (! $test instanceof Probe || $test->function !== MeterFunction::VoltsAc
            || $advice->candidate->when->key() !== (new Occasion($unit->conditions()))->key()) {
            continue;
        }
        $volts = array_map(function (string $id) use ($unit, $test): float {
            // as it stands for most of the second half of the time
            $stood = enumerated($unit, ...$id === '' ? [] : [$id]);
            $is = predicted($stood[count($stood) - 1][1], $test->red, $test->black);

            return $is->isGhost ? 0.0 : (float) $is->value;
        }, array_combine(array_keys($inPlay), array_map(strval(...), array_keys($inPlay))));
        $classes = Likelihood::apart(MeterFunction::VoltsAc, array_values($volts));
        $p = array_values(array_map(fn (float $p): float => $p / array_sum($inPlay), $inPlay));
        // the joint chances of every suspect and every class of readings, one in fifty mistaken for any other class
        $shows = fn (int $suspect, int $class): float => in_array($suspect, $classes[$class], true)
            ? 1 - Fit::MISTAKEN
            : Fit::MISTAKEN / (count($classes) - 1);
        $bits = 0.0;
        foreach (array_keys($classes) as $class) {
            $all = array_sum(array_map(fn (int $s): float => $p[$s] * $shows($s, $class), array_keys($p)));
            foreach (array_keys($p) as $s) {
                $bits += $p[$s] * $shows($s, $class) * log($shows($s, $class) / $all, 2);
            }
        }
        expect($advice->bits)->toEqualWithDelta($bits, 1e-6);
        $told++;
    }
    expect($told)->toBeGreaterThan(0);
})->with(['heaters', 'valve']);

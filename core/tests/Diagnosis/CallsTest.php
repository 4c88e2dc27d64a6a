<?php

declare(strict_types=1);

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Aftermath;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Check;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Peak;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\Step;
use Levin\Core\Diagnosis\Steps;
use Levin\Core\Diagnosis\Watch;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Ending;

// Calls of which an earlier engine was sure of the wrong part. What should come of each is common practice, no published source.

it('tells igniter, valve and flame rod apart by watching the furnace start', function (string $fault): void {
    $end = Unit::shipped('gas-furnace')->tried($fault);
    expect($end->ending)->toBe(Ending::Right, "$end->said after $end->tests tests")->and($end->faults)->toBe([$fault])
        ->and($end->unsafe)->toBe([]);
})->with(['FS:dirty', 'GV:stuck-rest', 'HSI:cracked', 'IFC:valve-open']);

it('ends at a draft switch that is only worn', function (): void {
    $end = Unit::shipped('gas-furnace')->tried('PS:worn=60');
    expect($end->ending)->toBe(Ending::Right, $end->said)->and($end->faults)->toBe(['PS:worn']);
});

it('looks for the board whenever its dead output is looked at, early or late', function (float $after, string $lamp): void {
    $unit = Unit::shipped('gas-furnace');
    $now = $unit->conditions();
    $probe = new Probe(MeterFunction::VoltsAc, 'IFC.IND', 'IFC.N');
    $evidence = [
        Learned::seen('IND', 'silent', $now, $after),
        Learned::seen('IFC', $lamp, $now, $after),
        new Levin\Core\Diagnosis\Evidence($probe, 0.0, new Occasion($now, $after)),
        Learned::metered(MeterFunction::VoltsAc, 'IFC.R', 'IFC.C', 26.2, $now),
        Learned::metered(MeterFunction::VoltsAc, 'IFC.W', 'IFC.C', 26.1, $now),
        Learned::metered(MeterFunction::VoltsAc, 'IFC.L', 'IFC.N', 120.0, $now),
        Learned::metered(MeterFunction::VoltsAc, 'PS.1', 'PS.2', 26.0, $now),
    ];
    $first = $unit->investigation()->assess($evidence, new Standpoint($now))->groups[0];
    expect($first->faults)->toContain('IFC:inducer-open')->and($first->probability)->toBeGreaterThan(0.9);
})->with([[30.0, 'steady'], [150.0, '3 flashes']]);

it('does not feed what has blown its fuse: with the power off it stays off, and sweeps', function (): void {
    $unit = Unit::cooling();
    $off = $unit->off();
    $seen = [Learned::seen('COMP', 'silent', $unit->conditions()), Learned::seen('CB1', 'tripped', $unit->conditions())];
    $next = $unit->investigation()->assess($seen, new Standpoint($off, true, 'outdoor'))->next;
    expect($next)->not->toBe([]);
    foreach ($next as $advice) {
        $conditions = $advice->candidate->when->conditions;
        expect(Conditions::poweredDown($unit->model()->circuit, $conditions)->key())->toBe($conditions->key(), $advice->title);
    }
});

it('offers no ohms on what no switch kills', function (): void {
    foreach (Unit::cooling()->investigation()->every(Unit::cooling()->conditions()) as $candidate) {
        $test = $candidate->test;
        if ($test instanceof Probe && $test->function->isDeadTest()) {
            expect([$test->red, $test->black])->not->toContain('SUP.L1')->not->toContain('SUP.L2');
        }
    }
});

it('says of a tripped high-pressure switch what trips it in this circuit, and what it kept from running', function (): void {
    $unit = Unit::cooling();
    $aftermath = new Aftermath($unit->investigation()->predictor());
    $targets = fn (array $checks): array => array_map(fn (Check $c): string => $c->target, $checks);
    $why = $aftermath->why(['HP:tripped', 'HP:open'], $unit->conditions());
    // a condenser fan that does not move air (common practice, no published source)
    expect($targets($why))->toContain('OFM', 'CAP')->not->toContain('T1')
        ->and(array_merge(...array_map(fn (Check $c): array => $c->faults, $why)))->toContain('OFM:seized', 'CAP:fan-open');
    // the section that feeds the fan, not the compressor's
    $how = array_map(fn (Check $c): string => $c->how, $why);
    expect($how[array_search('CAP', $targets($why), true)])->toBe('Microfarads: CAP.C → CAP.FAN');
    $minutes = array_map(fn (Check $c): float => $c->minutes ?? INF, $why);
    $sorted = $minutes;
    sort($sorted);
    expect($minutes)->toBe($sorted);
    $behind = $aftermath->behind(['HP:open'], ['OFM'], $unit->conditions());
    expect($targets($behind))->toContain('CC', 'COMP')->not->toContain('OFM')->not->toContain('IBM');
    expect($aftermath->why(['w24:open'], $unit->conditions()))->toBe([]);
});

it('says of a blown control fuse what would blow it again', function (): void {
    $unit = Unit::cooling();
    $why = (new Aftermath($unit->investigation()->predictor()))->why(['FU3:blown'], $unit->conditions());
    expect(array_merge(...array_map(fn (Check $c): array => $c->faults, $why)))->toContain('CC:coil-shorted', 'BR:coil-shorted');
});

it('names what comes and goes, and two at once, when one that stays does not explain it', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $volts = fn (string $red, string $black, float $shown) => Learned::metered(MeterFunction::VoltsAc, $red, $black, $shown, $now);
    $both = [
        Learned::seen('OFM', 'silent', $now), Learned::seen('COMP', 'silent', $now), Learned::seen('IBM', 'silent', $now),
        Learned::seen('CC', 'dropped out', $now), Learned::seen('BR', 'pulled in', $now), $volts('IBM.S', 'IBM.C', 0.0),
        $volts('CB2.T1', 'CB2.T2', 240.0), $volts('LV.Y', 'LV.C', 26.3), $volts('HP.1', 'HP.2', 26.5), $volts('BR.2', 'BR.4', 240.0),
        $volts('HP.1', 'HP.2', 26.5), $volts('BR.2', 'BR.4', 240.0),
    ];
    $labels = array_map(fn ($g): string => $g->label(), $unit->investigation()->assess($both, new Standpoint($now))->groups);
    expect($labels[0])->toContain(' and ')->toContain('High-pressure switch')->toContain('Blower relay');
});

it('gives the steps to a test as orders, in their order', function (): void {
    $unit = Unit::cooling();
    $circuit = $unit->model()->circuit;
    $steps = new Steps($unit->model());
    $dead = new Candidate(new Probe(MeterFunction::Ohms, 'CC.A', 'CC.B'), new Occasion($unit->off()->lifting(['w24'])), ['w24'], 5.0, 1.0);
    $ordered = fn (Candidate $to): array => array_map(fn (Step $s): string => $s->order, $steps->to($to, $unit->conditions(), false));
    $orders = $ordered($dead);
    expect(count($orders))->toBeGreaterThan(3)->and($orders[count($orders) - 1])->toBe('Land what is lifted before the power comes back.');
    $at = fn (string $word): int => (int) array_key_first(array_filter($orders, fn (string $o): bool => str_contains($o, $word)));
    expect($at('Prove it dead'))->toBeLessThan($at('Lift the'))->and($at('Lift the'))->toBeLessThan($at('Red on Contactor CC.A'));
    $also = new Candidate(new Probe(MeterFunction::Ohms, 'BR.1', 'CC.B'), $dead->when, ['w24'], 5.0, 1.0);
    $swept = array_map(fn (Step $s): string => $s->order, $steps->to($dead, $unit->conditions(), false, [$also]));
    expect($swept)->toHaveCount(count($orders) + 1)->and($swept[count($swept) - 2])->toContain('leave black on CC.B')->toContain('BR.1');
    $watch = new Candidate(new Watch('OFM'), new Occasion($unit->conditions(), 0.0), [], 9.0, 1.0);
    expect($ordered($watch))->toHaveCount(4);
    $peak = new Candidate(new Peak('CC.A', 'CC.B'), new Occasion($unit->conditions(), 0.0), [], 9.0, 1.0);
    expect($ordered($peak)[3])->toContain('note the most volts of the first 4 minutes');
});

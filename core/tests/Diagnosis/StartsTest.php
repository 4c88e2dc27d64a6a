<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\FlameCurrent;
use Levin\Core\Diagnosis\Leads;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Peak;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\SuspectGroup;
use Levin\Core\Diagnosis\Watch;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;

// Starts that are watched, and what stands where nothing is fed. Common practice, no published source, but where one is named.

/** The variant of a fault: of one with degrees, the level. */
function variantOf(Predictor $predictor, string $fault): int
{
    return (int) array_search($predictor->settler->model->faults->parseAll([$fault]), $predictor->variants, false);
}

it('takes what stands over an open contactor for a ghost, though a motor hangs on it', function (): void {
    // a winding has some nanofarads to its frame: megohms at 60 Hz, read on ten and not on some thousand
    $predictor = Unit::shipped('rooftop-460')->investigation()->predictor();
    $when = new Occasion(Unit::shipped('rooftop-460')->conditions());
    $scene = $predictor->sceneNumber(variantOf($predictor, 'OLR:tripped'), $when);
    $high = $predictor->volts(new Leads(MeterFunction::VoltsAc, 'BC.L2', 'BC.T2'), $when)->in($scene);
    $low = $predictor->volts(new Leads(MeterFunction::VoltsAcLowZ, 'BC.L2', 'BC.T2'), $when)->in($scene);
    expect($high->isGhost)->toBeTrue()->and($high->value)->toBeGreaterThan(200.0)->and($low->value)->toBeLessThan(2.0);
});

it('counts volts over a contact while it is pulled in', function (): void {
    $predictor = Unit::shipped('rooftop-460')->investigation()->predictor();
    $when = new Occasion(Unit::shipped('rooftop-460')->conditions(), 0.0);
    $worn = variantOf($predictor, 'BC:pole1-worn=20');
    expect((new Peak('BC.L3', 'BC.T3'))->shows($predictor, $when, $worn))->toBeLessThan(1.0)
        ->and((new Peak('BC.L1', 'BC.T1'))->shows($predictor, $when, $worn))->toBeGreaterThan(20.0)
        // and over what is fed all along, all of the time
        ->and((new Peak('BC.L1', 'BC.L2'))->shows($predictor, $when, $worn))->toEqualWithDelta(480.0, 10.0);
});

it('takes a hum of a moment for a part of the start, or for a hum; a motor that never runs for neither', function (): void {
    $predictor = Unit::shipped('rooftop-460')->investigation()->predictor();
    $when = new Occasion(Unit::shipped('rooftop-460')->conditions(), 0.0);
    $worn = variantOf($predictor, 'BC:pole1-worn=20');
    $explains = static fn (string $shown): bool => (new Watch('IBM'))->fits($predictor, $when, $shown, [$worn])[$worn]->explains;
    expect($explains('runs, silent'))->toBeTrue()->and($explains('runs, hums, silent'))->toBeTrue()
        ->and($explains('hums, silent'))->toBeFalse()->and($explains('silent'))->toBeFalse();
});

it('has microamperes of a clean flame rod as the furnace starts, and next to none of a coated one', function (): void {
    // one to six microamperes, and below one the board does not see the flame (common practice, no published source)
    $unit = Unit::shipped('gas-furnace');
    $predictor = $unit->investigation()->predictor();
    $when = new Occasion($unit->conditions(), 0.0);
    $test = new FlameCurrent('w28');
    [$dirty, $off] = [variantOf($predictor, 'FS:dirty'), variantOf($predictor, 'w28:open')];
    expect($test->shows($predictor, $when, 0))->toBeGreaterThan(1e-6)->toBeLessThan(6e-6)
        ->and($test->shows($predictor, $when, $dirty))->toBeLessThan(0.5e-6)->toBeGreaterThan(0.0)
        ->and($test->shows($predictor, $when, $off))->toBeLessThan(1e-9)
        ->and($test->isAsHealthy($predictor, $when, 3.5e-6))->toBeTrue()->and($test->isAsHealthy($predictor, $when, 0.1e-6))->toBeFalse();
    $fits = $test->fits($predictor, $when, 0.1e-6, [0, $dirty, $off]);
    expect($fits[$dirty]->likelihood)->toBeGreaterThan(10 * $fits[0]->likelihood);
});

it('keeps apart what comes and goes while it is away, where tests tell it apart while it is there', function (): void {
    $unit = Unit::cooling();
    $now = $unit->conditions();
    $seen = [
        Learned::seen('COMP', 'silent', $now), Learned::seen('CC', 'dropped out', $now),
        Learned::seen('COMP', 'runs', $now), Learned::seen('CC', 'pulled in', $now),
        Learned::metered(MeterFunction::VoltsAc, 'TST.R', 'TST.Y', 0.0, $now),
    ];
    $groups = $unit->investigation()->assess($seen, new Standpoint($now))->groups;
    $seized = array_values(array_filter($groups, static fn (SuspectGroup $g): bool => in_array('OFM:seized', $g->faults, true)))[0];
    expect($seized->faults)->not->toContain('OFM:run-open');
});

it('takes a compressor that stays silent for one that may still be too hot, where something makes its overload open', function (): void {
    $unit = Unit::shipped('rooftop-460');
    $predictor = $unit->investigation()->predictor();
    $when = new Occasion($unit->conditions(), 0.0);
    $worn = variantOf($predictor, 'CC2:pole1-worn=50');
    $fits = (new Watch('COMP2'))->fits($predictor, $when, 'silent', [0, $worn]);
    expect($fits[$worn]->explains)->toBeTrue()->and($fits[0]->explains)->toBeFalse()
        ->and((new Peak('CC2.L1', 'CC2.T1'))->fits($predictor, $when, 0.0, [$worn])[$worn]->explains)->toBeTrue();
});

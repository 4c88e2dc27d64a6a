<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Episodes;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Fit;
use Levin\Core\Diagnosis\Gallery;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\MemoryOutlooks;
use Levin\Core\Diagnosis\Notebook;
use Levin\Core\Diagnosis\Outlook;
use Levin\Core\Diagnosis\Passage;
use Levin\Core\Diagnosis\Passages;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\Diagnosis\Readings;
use Levin\Core\Diagnosis\Screening;
use Levin\Core\Diagnosis\Sheet;
use Levin\Core\Diagnosis\Sittings;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\Weighing;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;

// Work that is not done: who is out of play is not asked, what nobody asks for is not told, what is known is not worked out again.

/** @return list<Evidence> of a heat pump whose high-pressure switch has opened, up to what is read with the power off */
function gathered(Unit $unit): array
{
    $on = $unit->with('HP:open');
    $volts = static fn (string $red, string $black): Evidence => Learned::metered(
        MeterFunction::VoltsAc, $red, $black, $unit->read(MeterFunction::VoltsAc, $red, $black, $on)->value, $unit->conditions(),
    );
    $seen = static fn (string $part): Evidence => Learned::seen($part, $on->observed($part), $unit->conditions());

    return [
        $seen('COMP'), $seen('OFM'), $seen('IBM'), $seen('CC'), $volts('HP.1', 'HP.2'), $volts('CC.A', 'CC.B'), $volts('HP.2', 'GND.1'),
        Learned::metered(MeterFunction::Ohms, 'HP.1', 'HP.2', null, $unit->off()),
    ];
}

it('weighs those who could still be right as it would if all were asked', function (): void {
    $unit = Unit::shipped('heat-pump');
    $investigation = $unit->investigation();
    $predictor = $investigation->predictor();
    $evidence = gathered($unit);
    $all = array_keys($predictor->variants);
    $whole = new Weighing(
        $predictor->lineup->prior(),
        array_map(static fn (Evidence $e): array => array_values($e->fits($predictor, $all)), $evidence),
        $predictor->suspectOf,
        array_map(static fn (Evidence $e): string => $e->whenever(), $evidence),
        Episodes::among($evidence),
        Sittings::among($unit->model()->circuit, $evidence),
        [],
    );
    // without those that are only thought of beside them
    $posterior = array_slice($investigation->assess($evidence, new Standpoint($unit->off(), true))->posterior, 0, count($all));
    foreach ($whole->posterior as $v => $share) {
        expect($posterior[$v] / array_sum($posterior))->toEqualWithDelta($share, 1e-3);
    }

    // and it has not asked all of them
    $screening = Screening::of($predictor, $predictor->lineup->prior());
    foreach ($evidence as $item) {
        $screening = $screening->after($item->fits($predictor, $screening->left));
    }
    expect(count($screening->left))->toBeLessThan(count($all) / 2)->toBeGreaterThan(1)->and($screening->left[0])->toBe(0);
});

it('asks after all when those who were left out could be right', function (): void {
    $predictor = Unit::shipped('heat-pump')->investigation()->predictor();
    $prior = $predictor->lineup->prior();
    $fits = array_map(static fn (int $s): Fit => $s < 3 ? new Fit(1.0, 1.0, true) : new Fit(1e-9, 1e-9, false), $predictor->suspectOf);
    $screening = Screening::of($predictor, $prior)->after($fits);
    $even = array_fill(0, count($prior), 1 / count($prior));
    $first = [1.0, ...array_fill(1, count($prior) - 1, 0.0)];
    expect(array_unique(array_map(static fn (int $v): int => $predictor->suspectOf[$v], $screening->left)))->toHaveCount(3)
        ->and($screening->hasDroppedTooMuch($even))->toBeTrue()->and($screening->hasDroppedTooMuch($first))->toBeFalse();
});

it('tells of a variant when it is asked for, once, and keeps that', function (): void {
    $told = [];
    $tell = function (int $variant) use (&$told): Passages {
        $told[] = $variant;

        return new Passages([new Passage(0.0, 10.0, 0, ''), new Passage(10.0, 40.0, 1, '')]);
    };
    $outlook = (new Outlook)->toldBy($tell);
    expect($outlook->hasGrown())->toBeFalse()->and($outlook->passages(3)->views(null))->toBe([0 => 0.25, 1 => 0.75])
        ->and($outlook->passages(3)->sceneNumber(5.0))->toBe(0)->and($outlook->passages(3)->sceneNumber(null))->toBe(1)
        ->and($told)->toBe([3])->and($outlook->hasGrown())->toBeTrue()->and($outlook->hasGrown())->toBeFalse();
    $kept = unserialize(serialize($outlook))->toldBy($tell);
    expect($kept->passages(3)->last()->until)->toBe(40.0)->and($told)->toBe([3])
        ->and($kept->passages(1)->last()->scene)->toBe(1)->and($told)->toBe([3, 1]);
    expect(fn () => (new Outlook)->passages(0))->toThrow(LogicException::class);
});

it('says one thing after another of what comes and goes, and leaves the scenes of others their numbers', function (): void {
    $one = new Passages([new Passage(0.0, 10.0, 4, '')]);
    $other = new Passages([new Passage(0.0, 5.0, 7, ''), new Passage(5.0, 30.0, 4, '')]);
    expect(Passages::after($one, $other)->views(null))->toBe([4 => 0.875, 7 => 0.125])->and(Passages::after($one))->toBe($one);
    $scene = Unit::cooling()->investigation()->predictor()->outlook(Unit::cooling()->conditions())->scene(0);
    $gallery = new Gallery;
    $number = $gallery->hang($scene);
    $beside = new Gallery($gallery);
    expect($beside->hang($scene))->toBeGreaterThan($number)->and($beside->at($number))->toBe($scene)->and($gallery->hang($scene))->toBe(1);
    expect(fn () => $gallery->at(99))->toThrow(LogicException::class);
});

it('keeps pages that have grown, and finds them again', function (): void {
    $store = new MemoryOutlooks;
    $notebook = new Notebook($store);
    $notebook->page(Sheet::class, 'a');
    $notebook->page(Readings::class, 'a')->row(2, static fn (): array => [1.5, null]);
    $notebook->keep();
    $again = new Notebook($store);
    expect($again->page(Readings::class, 'a')->row(2, static fn (): array => [9.9]))->toBe([1.5, null])
        ->and($store->page(Sheet::class.' a'))->toBeNull()
        ->and($notebook->page(Sheet::class, 'a'))->toBe($notebook->page(Sheet::class, 'a'));
});

it('works nothing out twice that is kept', function (): void {
    $unit = Unit::cooling();
    $store = new MemoryOutlooks;
    $evidence = [Learned::seen('OFM', 'silent', $unit->conditions())];
    $first = (new Investigation(Predictor::of($unit->settler, $store)))->assess($evidence, new Standpoint($unit->conditions()));
    $kept = $store->page(Outlook::class.' '.$unit->conditions()->key());
    $again = (new Investigation(Predictor::of($unit->settler, $store)))->assess($evidence, new Standpoint($unit->conditions()));
    expect($kept)->toBeInstanceOf(Outlook::class)->and($kept?->hasGrown())->toBeFalse()->and($again->posterior)->toBe($first->posterior);
});

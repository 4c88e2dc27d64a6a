<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Chooser;
use Levin\Core\Diagnosis\Limits;
use Levin\Core\Diagnosis\Prediction;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\Step;
use Levin\Core\Diagnosis\Steps;
use Levin\Core\Diagnosis\View;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Ending;

// How bad a fault is, and what tells it apart. Common practice, no published source, but where one is named.

it('keeps the range that a prediction has when its level stands for more', function (): void {
    $onLowImpedance = new Prediction(470.0, false, 0.6 * 470.0, 470.0);
    expect($onLowImpedance->between(465.0, 472.0))->toEqual(new Prediction(470.0, false, 282.0, 472.0))
        ->and((new Prediction(100.0))->between(80.0, 90.0))->toEqual(new Prediction(100.0, false, 80.0, 100.0));
});

it('lets a level that does alone what it does show no more than what is shown otherwise', function (): void {
    $view = fn (float $volts): View => View::ofScene(new Prediction($volts), 1.0, 0);
    $range = fn (View ...$others): array => [
        ($v = $view(100.0)->upTo(null, null, array_values($others))->prediction)->low, $v->high,
    ];
    expect($range())->toBe([75.0, 125.0])
        // a control voltage that no level and no healthy unit shows otherwise does not go with how bad it is
        ->and($range($view(100.0)))->toBe([100.0, 100.0])
        ->and($range($view(160.0), $view(90.0)))->toBe([90.0, 110.0])
        ->and($range(View::ofScene(new Prediction(null), 1.0, 0)))->toBe([75.0, 125.0]);
});

// calls that an engine was stuck on: a reading that all rests on was of a part in doubt no more, and not asked for again; a hum of two
// seconds was in no story
it('asks for a reading once more of what is in doubt no more, and takes a short hum for a start', function (string $fault): void {
    $end = Unit::shipped('freezer-pump-down')->tried($fault);
    expect($end->ending)->toBe(Ending::Right, "$end->said after $end->tests tests")->and($end->unsafe)->toBe([]);
})->with(['w25:open', 'OFM:hub-loose']);

it('tries another call where nothing else tells anything', function (): void {
    $unit = Unit::shipped('heat-pump');
    $predictor = $unit->investigation()->predictor();
    $now = $unit->conditions();
    $open = (int) array_search($predictor->settler->model->faults->parseAll(['w83:open']), $predictor->variants, false);
    $posterior = array_fill(0, count($predictor->variants), 0.0);
    $posterior[0] = $posterior[$open] = 0.5;
    $choose = fn (Limits $limits): array => (new Chooser($predictor, new Standpoint($now, place: 'indoor', limits: $limits)))
        ->choose($posterior, [0, $open], [Learned::seen('IBM', 'runs', $now)])[0];
    // the orange wire of a heat pump feeds nothing while it heats: once what stray volts may tell there is put off, on whatever function
    for ($putOff = []; ($next = $choose(new Limits(putOff: $putOff))) !== [] && count($putOff) < 12;) {
        if ($next[0]->candidate->when->conditions->isOn('call_cooling')) {
            break;
        }
        $putOff[] = $next[0]->candidate->test->key();
    }
    expect($putOff)->toBe(array_unique($putOff))->and($next)->not->toBe([]);
    $orders = array_map(fn (Step $s): string => $s->order, (new Steps($unit->model()))->to($next[0]->candidate, $now, false));
    expect($orders)->toContain('Mode: cooling.')
        // which stops what must go on running
        ->and($choose(new Limits(mustRun: true, putOff: $putOff)))->toBe([]);
});

it('has every other call once', function (): void {
    $circuit = Unit::shipped('rooftop-460')->model()->circuit;
    $others = Unit::shipped('rooftop-460')->conditions()->otherwiseCalled($circuit);
    $said = array_map(fn ($c): string => implode('', array_map(
        fn (string $call): string => $c->isOn($call) ? '1' : '0',
        ['call_cool_1', 'call_cool_2', 'call_fan', 'call_heat_1', 'call_heat_2'],
    )), $others);
    expect($said)->toBe(['01100', '10100', '11000', '11110', '11101', '00000'])
        ->and(Unit::shipped('freezer-pump-down')->conditions()->otherwiseCalled(Unit::shipped('freezer-pump-down')->model()->circuit))
        ->toBe([]);
});

<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\NgSpice;
use Levin\Core\Tests\Support\Unit;

// The independent check of the whole electrical core: every node of the exported netlist, solved by ngspice.

it('agrees with ngspice at every node of the healthy unit', function (array $conditions): void {
    $unit = Unit::cooling();
    expect(NgSpice::worstDifference($unit->settler->settle($unit->conditions($conditions))))->toBeLessThan(1e-6);
})->with([
    'calling' => [[]],
    'satisfied' => [['call_cool' => false, 'call_fan' => false]],
    'disconnect pulled' => [['disconnect' => false]],
    'everything off' => [['outdoor_breaker' => false, 'indoor_breaker' => false, 'disconnect' => false]],
]);

it('agrees with ngspice at every node with each part and wire failed in turn', function (): void {
    $unit = Unit::cooling();
    foreach (array_keys($unit->model()->faults) as $fault) {
        $difference = NgSpice::worstDifference($unit->with($fault));
        expect($difference)->toBeLessThan(1e-6, "$fault differs by $difference");
    }
    expect(count($unit->model()->faults))->toBeGreaterThan(100);
});

it('agrees with ngspice with a lead lifted and two faults at once', function (): void {
    $unit = Unit::cooling();
    $settled = $unit->settler->settle($unit->conditions()->lifting(['w42']), ['CAP:herm-weak', 'w43:open']);
    expect(NgSpice::worstDifference($settled))->toBeLessThan(1e-6);
});

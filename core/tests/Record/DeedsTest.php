<?php

declare(strict_types=1);

use Levin\Core\Checks\BurnerGuards;
use Levin\Core\Diagnosis\Clamp;
use Levin\Core\Diagnosis\Feel;
use Levin\Core\Diagnosis\FlameCurrent;
use Levin\Core\Diagnosis\Gauge;
use Levin\Core\Diagnosis\InSeries;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Peak;
use Levin\Core\Diagnosis\PilotVolts;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Meter\BadQuantity;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\QuantityEntry;
use Levin\Core\Parts\Sign;
use Levin\Core\Record\CallEvents;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;
use Levin\Core\Record\Standing;
use Levin\Core\Record\Told;
use Levin\Core\Tests\Support\Unit;

/** The events of a call written as a list in YAML. */
function call(string $circuit, string $events): Standing
{
    $model = Unit::shipped($circuit)->model();

    return Standing::after($model->circuit, CallEvents::fromText("events:\n$events", $model));
}

const DEAD = <<<'YAML'
      - condition: { name: outdoor_breaker, value: false }
      - condition: { name: disconnect, value: false }
      - condition: { name: indoor_breaker, value: false }
      - proved-dead: { known_before: true, circuit_dead: true, known_after: true }

    YAML;

it('refuses what cannot be felt, measured or done, and says what can', function (string $event, string $message): void {
    expect(fn () => call('split-cooling', "  - $event\n"))->toThrow(Refusal::class, $message);
})->with([
    ['felt: { target: OFM, felt: purple }', 'not something hands or nose find'],
    ['felt: { target: COMP, felt: seized }', 'not something hands or nose find'],
    ['felt: { target: XX, felt: hot }', 'XX'],
    ['measured: { quantity: head_pressure, entered: "12 miles" }', 'not a unit'],
    ['measured: { quantity: head_pressure, entered: "" }', 'Nothing was entered'],
    ['measured: { quantity: pressure_left, entered: "1" }', 'not something that an instrument reads'],
    ['measured: { quantity: nothing, entered: "1" }', 'nothing'],
    ['tripped: { part: CB1, after: soon }', 'how soon it opened'],
    ['reading: { function: amps, red: w10, entered: "2", turns: 0 }', 'through the jaw'],
    ['reading: { function: amps, red: w999, entered: "2" }', 'w999'],
    ['reading: { function: uadc, red: w10+w11, entered: "2" }', 'in series with one wire'],
    ['reading: { function: megohms, red: COMP.R, black: GND.1, entered: "50" }', 'not proved dead'],
    ['jumper: { from: TST.R, to: TST.Y, "on": true }', 'Say why the jumper goes on'],
    ['jumper: { from: TST.R, to: TST.R, "on": true, reason: x }', 'Both probes are on the same point'],
    ['pulled: { part: FU1, out: true }', 'Prove it dead first'],
    ['replaced: { part: CAP }', 'Prove it dead first'],
    ['barred: { why: cannot reach, what: moon, barred: true }', 'Name the place'],
    ['barred: { why: lazy, barred: true }', 'Say why it cannot be done now'],
    ['barred: { why: not now, barred: true }', 'Say which test is put off'],
]);

it('lets no jumper go round what keeps a burner safe, nor feed a gas valve', function (string $from, string $to, ?string $guard): void {
    // limits, roll-out and draft switches are never bypassed (common practice, no published source; makers and local codes forbid it)
    expect((new BurnerGuards(Unit::shipped('gas-furnace')->model()))->gone($from, $to))->toBe($guard);
})->with([
    ['LIM.1', 'LIM.2', 'High limit'], ['IFC.R', 'IFC.LS', 'High limit'], ['RO1.2', 'RO2.2', 'Roll-out switch right'],
    ['PS.1', 'PS.2', 'Draft pressure switch'], ['IFC.R', 'GV.1', 'Gas valve'], ['TST.R', 'TST.W', null], ['IFC.R', 'IFC.G', null],
]);

it('has no burner to guard where there is none', function (): void {
    expect((new BurnerGuards(Unit::cooling()->model()))->gone('HP.1', 'HP.2'))->toBeNull();
});

it('keeps a jumper open, with its reason and since when, until it is off, and closes no call before', function (): void {
    $model = Unit::cooling()->model();
    $gate = new Gate($model);
    $on = ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => true, 'reason' => 'thermostat?'];
    $log = [new Event('a', EventType::Jumper, $gate->admit(EventType::Jumper, $on, []), 100.0)];
    $standing = Standing::after($model->circuit, $log);
    expect($standing->jumpers)->toHaveCount(1)->and($standing->jumpers[0]->reason)->toBe('thermostat?')
        ->and($standing->jumpers[0]->since)->toBe(100.0)->and($standing->conditions->jumpers)->toBe(['TST.R~TST.Y'])
        ->and(fn () => $gate->admit(EventType::Closed, [], $log))->toThrow(Refusal::class, 'A jumper is still on');
    $log[] = new Event('b', EventType::Jumper, $gate->admit(EventType::Jumper, ['from' => 'TST.Y', 'to' => 'TST.R', 'on' => false], $log));
    expect(Standing::after($model->circuit, $log)->conditions->jumpers)->toBe([])
        ->and((new Gate($model, isRecord: true))->admit(EventType::Closed, [], $log))->toBe([]);
});

it('keeps what is out, until it is in again', function (): void {
    $out = call('split-cooling', DEAD."  - pulled: { part: FU1, out: true }\n");
    expect($out->conditions->removed)->toBe(['FU1'])
        ->and(call('split-cooling', DEAD."  - pulled: { part: FU1, out: true }\n  - pulled: { part: FU1, out: false }\n")
            ->conditions->removed)->toBe([]);
});

it('makes evidence of everything that is learned', function (): void {
    $standing = call('split-cooling', <<<'YAML'
          - felt: { target: OFM, felt: "hot, seized" }
          - measured: { quantity: head_pressure, entered: "400 psi", moment: 120 }
          - reading: { function: amps, red: "w10+~w11", turns: 2, entered: "3.4" }
          - reading: { function: uadc, red: w10, entered: "3.5" }
          - reading: { function: vac-lowz, red: HP.1, black: LV.C, entered: "26" }
          - reading: { function: uadc, red: w10, entered: "3.5", moment: as it starts }
        YAML);
    $all = $standing->allEvidence();
    expect($all[0]->test)->toEqual(new Feel('OFM', Sign::Seized))->and($all[0]->shown)->toBe('seized')
        ->and($all[1]->shown)->toBe('hot')
        ->and($all[2]->test)->toEqual(new Gauge('head_pressure'))->and($all[2]->shown)->toEqualWithDelta(2757.9, 0.1)
        ->and($all[2]->when->after)->toBe(120.0)
        ->and($all[3]->test)->toEqual(new Clamp([new Clamped('w10'), new Clamped('w11', true)], 2))->and($all[3]->shown)->toBe(3.4)
        ->and($all[4]->test)->toEqual(new InSeries('w10'))->and($all[4]->shown)->toEqualWithDelta(3.5e-6, 1e-12)
        ->and($all[5]->test)->toEqual(new Probe(MeterFunction::VoltsAcLowZ, 'HP.1', 'LV.C'))
        ->and($all[6]->test)->toEqual(new FlameCurrent('w10'))->and($all[6]->when->after)->toBe(0.0);
});

it('takes pressures and temperatures in the units people read', function (string $quantity, string $entered, float $value): void {
    // 1 psi is 6.894757 kPa, 1 bar 100 kPa, 1 in w.c. 249.089 Pa (NIST SP 811); °C = (°F − 32)·5/9
    $circuit = Unit::shipped($quantity === 'head_pressure' ? 'split-cooling' : 'gas-furnace')->model()->circuit;
    expect(QuantityEntry::parse($circuit->quantity($quantity), $entered)->value)->toEqualWithDelta($value, 1e-3 * abs($value) + 1e-6);
})->with([
    ['head_pressure', '400 psi', 2757.903], ['head_pressure', '28 bar', 2800.0], ['head_pressure', '2600', 2600.0],
    ['head_pressure', '2600 kPa', 2600.0], ['draft', '0.92 in w.c.', 229.162], ['draft', '230 Pa', 230.0], ['draft', '0,9"', 224.18],
    ['plenum', '140 °F', 60.0], ['plenum', '-40 F', -40.0], ['plenum', '60 C', 60.0],
]);

it('takes no pressure for a slip of the decimal', function (): void {
    $head = Unit::cooling()->model()->circuit->quantity('head_pressure');
    expect(fn () => QuantityEntry::parse($head, '4000000 psi'))->toThrow(BadQuantity::class, 'decimal');
});

it('keeps every sort of test as an event that comes out as the same evidence', function (): void {
    $model = Unit::cooling()->model();
    foreach ([
        [new PilotVolts('AH.R', 'AH.C'), 0.39], [new Peak('AH.R', 'AH.C'), 26.0],
        [new Look('OFM'), 'silent'], [new Feel('OFM', Sign::TurnsFreely), 'seized'], [new Gauge('head_pressure'), 2600.0],
        [new Clamp([new Clamped('w10')]), 11.8], [new Probe(MeterFunction::VoltsAc, 'HP.1', 'HP.2'), 26.5],
    ] as [$test, $shown]) {
        $told = Told::of($test, $shown);
        $event = new Event('e', $told->type, (new Gate($model))->admit($told->type, $told->data, []));
        $evidence = Standing::after($model->circuit, [$event])->allEvidence()[0];
        expect($evidence->test->key())->toBe($test->key())->and($evidence->shown)->toBe($shown);
    }
});

it('keeps of a new part what does not match, and what the plate is from then on', function (): void {
    $model = Unit::cooling()->model();
    $fit = static fn (string $data): array => array_values(array_filter(
        CallEvents::fromText("events:\n".DEAD."  - replaced: $data\n", $model),
        static fn (Event $e): bool => $e->type === EventType::Replaced,
    ))[0]->data;
    expect($fit('{ part: OFM }'))->toBe(['part' => 'OFM', 'label' => 'Outdoor fan motor'])
        ->and($fit('{ part: OFM, fitted: universal, serial: "17", is: { capacitor: "7.5", frame: "48" } }'))->toBe([
            'part' => 'OFM', 'label' => 'Outdoor fan motor', 'fitted' => 'universal', 'serial' => '17',
            'is' => ['capacitor' => '7.5', 'frame' => '48'], 'verdict' => 'watch',
            'differs' => ["Another capacitor: the new motor's label decides, not the old can."], 'plate' => ['capacitor_uf' => 7.5],
        ])
        // what no check compares is kept by its words alone
        ->and($fit('{ part: TST, fitted: "universal thermostat", is: { volts: "24" } }'))
        ->toBe(['part' => 'TST', 'label' => 'Thermostat', 'fitted' => 'universal thermostat'])
        ->and(fn () => $fit('{ part: CAP, is: { farads: "900" } }'))->toThrow(Refusal::class, 'must be from 1 to 200')
        ->and(fn () => $fit('{ part: CAP, is: { colour: "red" } }'))->toThrow(Refusal::class, 'There is no');
});

<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Standing;
use Levin\Core\Tests\Support\Called;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// What the bench makes of the readings of a call. Limits are the checks' own, each with its source; when a reading is one of a part by
// itself is common practice, no published source.

function coolingCall(string ...$faults): Called
{
    return new Called(Unit::cooling(), ...$faults);
}

function rooftopCall(string ...$faults): Called
{
    return new Called(Unit::shipped('rooftop-460'), ...$faults);
}

/** Ohms over three leads, every pair. */
function readPairs(Called $call, string $part, string ...$leads): Called
{
    foreach ([[0, 1], [1, 2], [0, 2]] as [$a, $b]) {
        $call->read(MeterFunction::Ohms, "$part.$leads[$a]", "$part.$leads[$b]");
    }

    return $call;
}

/** Volts between three legs, whatever a meter would show. */
function readLegs(Called $call, string $part, float $l1l2, float $l2l3, float $l1l3): Called
{
    return $call->enterVolts("$part.L1", "$part.L2", $l1l2)
        ->enterVolts("$part.L2", "$part.L3", $l2l3)
        ->enterVolts("$part.L3", "$part.L1", $l1l3);
}

it('judges a capacitor that is off the circuit by its own plate', function (?float $farads, string $is): void {
    // HERM is marked 40 µF in the circuit file; ±6 % is usual in North America (from memory)
    $call = coolingCall()->off()->lift('w12')->enter(MeterFunction::Capacitance, 'CAP.HERM', 'CAP.C', $farads);
    [$judged] = $call->judged();
    $last = $call->log[count($call->log) - 1];
    expect($call->verdicts())->toBe(["capacitor CAP $is"])->and($judged->id)->toBe($last->id)->and($judged->at)->toBe($last->at);
})->with([[39.8e-6, 'good'], [36.1e-6, 'bad'], [null, 'bad'], [4.0e-6, 'cannot say']]);

it('judges as the shop does', function (string $habit, string $is): void {
    // IEC 60252-1, tolerance classes (from memory); a shop that takes ten per cent off the mark: common practice, no published source
    $call = coolingCall()->off()->lift('w12')->enter(MeterFunction::Capacitance, 'CAP.HERM', 'CAP.C', 37.2e-6);
    expect($call->judged(new Habits([Habit::WeakCapacitor->value => $habit]))[0]->text('verdict'))->toBe($is);
})->with([[Habit::WITHIN_6, 'watch'], [Habit::WITHIN_5, 'bad'], [Habit::WITHIN_10, 'good']]);

it('does not judge a capacitor that still hangs on the circuit, nor what lies between other points', function (Called $call): void {
    expect($call->verdicts())->toBe([]);
})->with([
    'wires on' => [fn () => coolingCall()->off()->enter(MeterFunction::Capacitance, 'CAP.HERM', 'CAP.C', 36.1e-6)],
    'another wire off' => [fn () => coolingCall()->off()->lift('w15')->enter(MeterFunction::Capacitance, 'CAP.HERM', 'CAP.C', 36.1e-6)],
    'two sections in a row' => [
        fn () => coolingCall()->off()->lift('w12', 'w15')->enter(MeterFunction::Capacitance, 'CAP.HERM', 'CAP.FAN', 4.4e-6),
    ],
    'between parts' => [fn () => coolingCall()->off()->lift('w12')->enter(MeterFunction::Capacitance, 'CAP.HERM', 'COMP.S', 4.4e-6)],
    'volts' => [fn () => coolingCall()->off()->lift('w12')->enterVolts('CAP.HERM', 'CAP.C', 0.0)],
]);

it('judges the insulation of a compressor whose leads are all off', function (): void {
    // bands of hermetic compressors: common practice, no published source
    $read = fn (Called $call, string $one, string $other): array => $call->enter(MeterFunction::Megohms, $one, $other, 30e6)->verdicts();
    expect($read(coolingCall()->off()->strip('COMP'), 'COMP.C', 'GND.1'))->toBe(['insulation COMP watch'])
        ->and($read(coolingCall()->off()->strip('COMP'), 'GND.1', 'COMP.C'))->toBe(['insulation COMP watch'])
        ->and($read(coolingCall()->off()->lift('w10', 'w11'), 'COMP.C', 'GND.1'))->toBe([])
        ->and($read(coolingCall()->off()->strip('OFM'), 'OFM.C', 'GND.1'))->toBe([]);
});

it('judges three windings once every pair has been read, the leads off', function (): void {
    expect(readPairs(coolingCall()->off()->strip('COMP'), 'COMP', 'C', 'R', 'S')->verdicts())->toBe(['three-leads COMP good'])
        ->and(readPairs(coolingCall()->off(), 'COMP', 'C', 'R', 'S')->verdicts())->toBe([])
        ->and(readPairs(coolingCall('COMP:start-open')->off()->strip('COMP'), 'COMP', 'C', 'R', 'S')->judged()[0]->text('headline'))
        ->toBe('The start winding is open');
});

it('holds windings against the ohms on the plate, however warm they may be', function (float $share, string $is): void {
    // copper from 0 to 100 °C has 0.90 to 1.29 of its ohms at 25 °C (IEEE 112, from memory)
    $call = coolingCall()->off()->strip('COMP');
    [$run, $start] = array_map(Unit::cooling()->model()->circuit->part('COMP')->number(...), ['run_ohms', 'start_ohms']);
    $read = [['C', 'R', $share * $run], ['C', 'S', $share * $start], ['R', 'S', $share * ($run + $start)]];
    foreach ($read as [$one, $other, $ohms]) {
        $call->enter(MeterFunction::Ohms, "COMP.$one", "COMP.$other", $ohms);
    }
    expect($call->verdicts())->toBe(["three-leads COMP $is"]);
})->with([[1.0, 'good'], [0.9, 'good'], [1.28, 'good'], [0.5, 'bad'], [1.9, 'bad']]);

it('judges windings to bare metal with them', function (): void {
    $call = coolingCall('OFM:grounded')->off()->strip('OFM')->read(MeterFunction::Ohms, 'OFM.C', 'GND.1');
    expect(readPairs($call, 'OFM', 'C', 'R', 'S')->verdicts())->toBe(['three-leads OFM bad']);
});

it('forgets what was read before something was changed or struck out', function (Closure $between, bool $isJudged): void {
    $call = coolingCall()->off()->strip('OFM')->read(MeterFunction::Ohms, 'OFM.C', 'OFM.R');
    $between($call);
    $call->read(MeterFunction::Ohms, 'OFM.R', 'OFM.S')->read(MeterFunction::Ohms, 'OFM.C', 'OFM.S');
    expect($call->verdicts() !== [])->toBe($isJudged);
})->with([
    'nothing' => [fn (Called $call) => $call, true],
    'looked' => [fn (Called $call) => $call->see('COMP', 'silent'), true],
    'landed' => [fn (Called $call) => $call->land('w14')->lift('w14'), false],
    'replaced' => [fn (Called $call) => $call->replace('OFM'), false],
    'struck out' => [fn (Called $call) => $call->strike(count($call->log) - 1), false],
]);

it('takes a part for off whose plug is out', function (): void {
    // three that are alike, of so few ohms that the meter may be off by more than the limit
    $off = readPairs(rooftopCall()->off()->pull('PL2'), 'COMP2', 'T1', 'T2', 'T3');
    expect($off->verdicts())->toBe(['three-phase-windings COMP2 cannot say'])
        ->and(readPairs(rooftopCall()->off(), 'COMP2', 'T1', 'T2', 'T3')->verdicts())->toBe([]);
    $open = readPairs(rooftopCall('COMP2:winding1-open')->off()->pull('PL2'), 'COMP2', 'T1', 'T2', 'T3');
    expect($open->verdicts())->toBe(['three-phase-windings COMP2 bad']);
});

it('judges three legs of a supply as NEMA MG 1 does, where they are live whatever is called', function (): void {
    // MG 1, 14.36: 460, 467 and 450 V are 1.96 % uneven (from memory)
    $call = readLegs(rooftopCall(), 'TB', 467.0, 450.0, 460.0);
    [$judged] = $call->judged();
    $unbalance = array_values(array_filter($judged->data['figures'], fn (array $f): bool => $f['label'] === 'unbalance'));
    expect($call->verdicts())->toBe(['supply TB watch'])->and($unbalance[0]['value'])->toEqualWithDelta(0.0196, 0.0001)
        // behind a contactor it may only not be called
        ->and(readLegs(rooftopCall(), 'CC1', 467.0, 450.0, 460.0)->verdicts())->toBe(['supply CC1 watch'])
        ->and(rooftopCall()->enterVolts('CC1.T1', 'CC1.T2', 0.0)->enterVolts('CC1.T2', 'CC1.T3', 0.0)
            ->enterVolts('CC1.T1', 'CC1.T3', 0.0)->verdicts())->toBe([])
        ->and(readLegs(rooftopCall()->off(), 'TB', 0.0, 0.0, 0.0)->verdicts())->toBe([]);
    // each to ground with them: one is fed back
    $grounded = rooftopCall()->enterVolts('TB.L1', 'GND.1', 277.0)->enterVolts('GND.1', 'TB.L2', 276.0)
        ->enter(MeterFunction::VoltsAcLowZ, 'TB.L3', 'GND.1', 190.0);
    expect(readLegs($grounded, 'TB', 480.0, 440.0, 442.0)->judged()[0]->text('headline'))->toBe('L3 is fed back');
});

it('says nothing of volts that three legs cannot have', function (): void {
    expect(readLegs(rooftopCall(), 'TB', 480.0, 48.0, 200.0)->verdicts())->toBe([]);
});

it('judges what a motor draws by the lead that carries all of it', function (): void {
    // rated-load amperes on the plate: 14.1 in the circuit file; a clamp may be off by some percent (its class)
    expect(coolingCall()->clamp('w11')->verdicts())->toBe(['running-current COMP good'])
        ->and(coolingCall()->enterAmps('w11', 16.0)->verdicts())->toBe(['running-current COMP bad'])
        ->and(coolingCall()->enterAmps('w10', 16.0)->verdicts())->toBe([])
        ->and(coolingCall()->enterAmps('w11', 0.0)->verdicts())->toBe([])
        ->and(coolingCall()->off()->enterAmps('w11', 16.0)->verdicts())->toBe([])
        // ten turns read ten times as much
        ->and(coolingCall()->enterAmps('w16', 10.0, 10)->verdicts())->toBe(['running-current OFM good']);
    expect(coolingCall()->enterAmps('w11', 70.0, moment: 'at once')->verdicts())->toBe([]);
});

it('judges three leads of a motor together', function (): void {
    $motor = rooftopCall()->clamp('w41')->clamp('w42')->clamp('w43');
    expect($motor->verdicts())->toBe(array_fill(0, 3, 'running-current COMP2 good'));
    $uneven = rooftopCall()->enterAmps('w41', 10.0)->enterAmps('w42', 10.0)->enterAmps('w43', 6.0);
    expect($uneven->verdicts()[2])->toBe('running-current COMP2 bad');
});

it('judges volts over the pole of a contactor that was seen pulled in and carries something', function (): void {
    // some tenths of a volt over a closed pole: common practice, no published source; without a current there are none [physics]
    $drop = fn (Called $call, float $volts): array => array_values((array) preg_grep(
        '/^contactor/',
        $call->enterVolts('CC.L1', 'CC.T1', $volts)->verdicts(),
    ));
    $in = fn (): Called => coolingCall()->see('CC', 'pulled in');
    expect($drop($in()->clamp('w10'), 0.1))->toBe(['contactor CC good'])->and($drop($in()->clamp('w10'), 6.0))->toBe(['contactor CC bad'])
        ->and($drop($in(), 0.1))->toBe([])->and($drop($in()->enterAmps('w10', 0.0), 0.1))->toBe([])
        ->and($drop(coolingCall()->clamp('w10'), 240.0))->toBe([])
        ->and($drop(coolingCall()->see('CC', 'dropped out')->clamp('w10'), 240.0))->toBe([])
        ->and($drop($in()->clamp('w10')->set('call_cool', false), 240.0))->toBe([]);
});

it('judges the ohms of a contactor\'s coil with a wire off', function (): void {
    $coil = array_map(fn ($wire) => $wire->id, Unit::cooling()->model()->circuit->wiresAt('CC.A'));
    $read = fn (Called $call): array => $call->read(MeterFunction::Ohms, 'CC.A', 'CC.B')->verdicts();
    expect($read(coolingCall()->off()->lift(...$coil)))->toBe(['contactor CC good'])->and($read(coolingCall()->off()))->toBe([])
        ->and($read(coolingCall('CC:coil-open')->off()->lift(...$coil)))->toBe(['contactor CC bad']);
});

it('judges a transformer by both of its sides', function (): void {
    $call = coolingCall()->read(MeterFunction::VoltsAc, 'T1.X1', 'T1.X2');
    expect($call->verdicts())->toBe([])
        ->and($call->read(MeterFunction::VoltsAc, 'T1.H1', 'T1.H2')->verdicts())->toBe(['transformer T1 good']);
    $open = coolingCall('T1:secondary-open')->read(MeterFunction::VoltsAc, 'T1.H1', 'T1.H2')
        ->read(MeterFunction::VoltsAc, 'T1.X1', 'T1.X2');
    expect($open->judged()[0]->text('verdict'))->toBe('bad')
        ->and(json_encode($open->judged()[0]->data))->not->toContain('pulls it down');
    $dead = coolingCall()->enterVolts('T1.H1', 'T1.H2', 0.0)->enterVolts('T1.X1', 'T1.X2', 0.0);
    expect($dead->verdicts())->toBe(['transformer T1 cannot say']);
});

it('judges the flame by its microamperes, and not where there may be none', function (): void {
    // about one microampere and more is seen by most boards: common practice, no published source
    $read = function (float $amps): array {
        return (new Called(Unit::shipped('gas-furnace')))->enter(MeterFunction::MicroampsDc, 'w28', '', $amps)->verdicts();
    };
    expect($read(4.0e-6))->toBe(['flame-signal FS good'])->and($read(-4.0e-6))->toBe(['flame-signal FS good'])
        ->and($read(0.4e-6))->toBe(['flame-signal FS bad'])->and($read(0.0))->toBe([]);
});

it('judges a heater by its amperes at the volts that are there', function (): void {
    // I = V·P/V₀² [physics]: 5 kW at 240 V draw 15.6 A at 180 V
    $element = (new Called(Unit::shipped('air-handler-electric')))->enterVolts('HE1.1', 'HE1.2', 180.0);
    expect($element->enterAmps('w12', 15.6)->verdicts())->toBe(['electric-heat HE1 good'])
        ->and($element->enterAmps('w12', 0.0)->verdicts()[1])->toBe('electric-heat HE1 bad')
        ->and((new Called(Unit::shipped('air-handler-electric')))->enterAmps('w12', 15.6)->verdicts())->toBe([])
        ->and((new Called(Unit::shipped('air-handler-electric')))->enterVolts('HE1.1', 'HE1.2', 0.0)
            ->enterAmps('w12', 0.0)->verdicts())->toBe([]);
});

it('judges a heater by its ohms with a wire off', function (): void {
    // R = V²/P [physics]: 5 kW at 240 V are 11.5 Ω
    $heater = fn (string ...$faults): Called => (new Called(Unit::shipped('air-handler-electric'), ...$faults))->off();
    $read = fn (Called $call): array => $call->read(MeterFunction::Ohms, 'HE1.1', 'HE1.2')->verdicts();
    expect($read($heater()->lift('w12')))->toBe(['electric-heat HE1 good'])->and($read($heater()))->toBe([])
        ->and($read($heater('HE1:open')->lift('w12')))->toBe(['electric-heat HE1 bad']);
});

it('judges an NTC off its board at the temperature that was measured there', function (): void {
    // R = R25·exp(B·(1/T − 1/298.15)) [physics]: 10 kΩ and B 3950 K make 32.6 kΩ at 0 °C
    $unit = Rig::of(
        'supply-single-phase, volts: 24',
        ['TH' => 'thermistor, senses: coil, curve: ntc', 'H' => 'heater, volts: 24, watts: 5'],
        [['SUP.L', 'TH.1'], ['TH.2', 'H.1'], ['H.2', 'SUP.N']],
        quantities: ['coil' => 5],
    );
    $read = fn (Called $call, float $ohms): array => $call->enter(MeterFunction::Ohms, 'TH.1', 'TH.2', $ohms)->verdicts();
    $cold = fn (): Called => (new Called($unit))->off()->strip('TH')->noted(EventType::Measured, ['quantity' => 'coil', 'value' => 0.0]);
    expect($read($cold(), 32.6e3))->toBe(['thermistor TH good'])->and($read($cold(), 20e3))->toBe(['thermistor TH bad'])
        ->and($read((new Called($unit))->off()->strip('TH'), 32.6e3))->toBe([]);
});

/** The wires of some terminals off, and ohms over two of them. */
function ohmsOff(Unit $unit, string $part, string $one, string $other, string ...$faults): array
{
    $wires = array_map(static fn ($wire) => $wire->id, $unit->model()->circuit->wiresAt("$part.$one"));
    $call = (new Called($unit, ...$faults))->off();
    expect($call->read(MeterFunction::Ohms, "$part.$one", "$part.$other")->verdicts())->toBe([]);

    return $call->lift(...$wires)->read(MeterFunction::Ohms, "$part.$one", "$part.$other")->verdicts();
}

it('judges the coil and the contacts of a relay with a wire off', function (string $unit, string $part, string $pair, array $faults): void {
    // what is closed and what is open at rest by the sort of relay: by its own diagram; coils: common practice, no published source
    [$one, $other] = explode('–', $pair);
    expect(ohmsOff(Unit::shipped($unit), $part, $one, $other))->toBe(["relay $part good"]);
    foreach ($faults as $fault) {
        expect(ohmsOff(Unit::shipped($unit), $part, $one, $other, "$part:$fault"))->toBe(["relay $part bad"]);
    }
})->with([
    'blower relay, coil' => ['split-cooling', 'BR', '1–3', ['coil-open']],
    'blower relay, contact' => ['split-cooling', 'BR', '2–4', ['welded']],
    'start relay, coil' => ['heat-pump', 'PR', '5–2', ['coil-open']],
    'start relay, contact' => ['heat-pump', 'PR', '1–2', ['start-burnt']],
    'delay, contact' => ['two-circuit-fan-cycling', 'TD2', 'NO–C', ['welded']],
    'lockout, coil' => ['two-circuit-fan-cycling', 'IMP1', 'A–B', ['coil-open']],
    'lockout, contact' => ['two-circuit-fan-cycling', 'IMP1', 'NC–C', ['nc-burnt']],
    'sequencer, heater' => ['air-handler-electric', 'SEQ', 'H1–H2', ['heater-open']],
    'sequencer, contact' => ['air-handler-electric', 'SEQ', 'M1–M2', ['first-welded']],
]);

it('judges the poles of a contactor at rest: one that is closed at once, all open once all are read', function (): void {
    $poles = fn (Called $call): Called => $call->off()->strip('CC1');
    $good = $poles(rooftopCall())->read(MeterFunction::Ohms, 'CC1.L1', 'CC1.T1')->read(MeterFunction::Ohms, 'CC1.L2', 'CC1.T2');
    expect($good->verdicts())->toBe([])
        ->and($good->read(MeterFunction::Ohms, 'CC1.L3', 'CC1.T3')->verdicts())->toBe(['contactor CC1 good'])
        ->and($poles(rooftopCall('CC1:pole2-welded'))->read(MeterFunction::Ohms, 'CC1.L2', 'CC1.T2')->verdicts())
        ->toBe(['contactor CC1 bad']);
});

it('judges the speeds of a blower by the ohms from common', function (): void {
    // low speed has more turns in series: common practice, no published source
    $motor = fn (string ...$faults): Called => (new Called(Unit::shipped('gas-furnace'), ...$faults))->off()->strip('IBM');
    $read = fn (Called $call): array => $call->read(MeterFunction::Ohms, 'IBM.C', 'IBM.R')
        ->read(MeterFunction::Ohms, 'IBM.MED', 'IBM.C')->judged();
    [$judged] = $read($motor());
    expect($judged->text('check').' '.$judged->text('verdict'))->toBe('speed-taps good')
        ->and(array_column((array) $judged->data['figures'], 'value'))->toEqualWithDelta([2.2, 2.6], 0.05)
        ->and($read($motor('IBM:med-open'))[0]->text('verdict'))->toBe('bad');
});

it('judges a motor with nine leads, all of them apart', function (): void {
    // NEMA MG 1, part 2, terminal markings (from memory): T1–T4, T2–T5, T3–T6, and T7, T8, T9 from the star
    $unit = Rig::of(
        'supply-wye, volts: 460',
        ['M' => 'motor-nine-lead, volts: 460, fla: 0.5, lra: 3, winding_ohms: 60'],
        [
            ['SUP.L1', 'M.T1'], ['SUP.L2', 'M.T2'], ['SUP.L3', 'M.T3'], ['SUP.N', 'SUP.G'],
            ['M.T4', 'M.T7'], ['M.T5', 'M.T8'], ['M.T6', 'M.T9'],
        ],
    );
    $pairs = [['T1', 'T4'], ['T2', 'T5'], ['T3', 'T6'], ['T7', 'T8'], ['T8', 'T9'], ['T7', 'T9']];
    $read = fn (Called $call): array => array_reduce(
        $pairs,
        static fn (Called $c, array $p): Called => $c->read(MeterFunction::Ohms, "M.$p[0]", "M.$p[1]"),
        $call,
    )->verdicts();
    expect($read((new Called($unit))->off()->strip('M')))->toBe(['nine-leads M good'])
        ->and($read((new Called($unit, 'M:winding2-open'))->off()->strip('M')))->toBe(['nine-leads M bad'])
        ->and($read((new Called($unit))->off()))->toBe([]);
});

it('judges a draft against the number on its switch, once its motor was seen to run', function (): void {
    $measured = fn (Called $call, float $pascals): array => $call
        ->noted(EventType::Measured, ['quantity' => 'draft', 'value' => $pascals])->verdicts();
    $runs = fn (): Called => (new Called(Unit::shipped('gas-furnace')))->see('IND', 'runs');
    expect($measured($runs(), 230.0))->toBe(['draft-switch PS good'])->and($measured($runs(), 90.0))->toBe(['draft-switch PS bad'])
        ->and($measured((new Called(Unit::shipped('gas-furnace')))->see('IND', 'silent'), 90.0))->toBe([])
        ->and($measured($runs()->off(), 0.0))->toBe([]);
});

/** Every reading that a rule could take on a healthy unit. */
function readEverything(Unit $unit): Called
{
    $call = new Called($unit);
    $model = $unit->model();
    $running = $unit->with();
    foreach ($model->parts as $id => $kind) {
        if ($kind->observables() !== []) {
            $call->see($id, $running->observed($id));
        }
    }
    foreach (array_keys($model->circuit->wires) as $wire) {
        $call->clamp($wire);
    }
    foreach ($model->parts as $kind) {
        foreach ($kind->probePairs() as [$a, $b]) {
            $call->read(MeterFunction::VoltsAc, $kind->part->point($a), $kind->part->point($b));
        }
    }
    $call->off();
    foreach ($model->parts as $id => $kind) {
        $call->strip($id);
        foreach ($kind->part->terminals as $n => $a) {
            foreach (array_slice($kind->part->terminals, 0, $n) as $b) {
                $call->read(MeterFunction::Ohms, $kind->part->point($a), $kind->part->point($b))
                    ->read(MeterFunction::Capacitance, $kind->part->point($a), $kind->part->point($b));
            }
        }
    }

    return $call;
}

it('finds nothing bad on a healthy unit, whatever is read', function (string $id): void {
    $judged = readEverything(Unit::shipped($id))->judged();
    $odd = array_filter($judged, static fn (Event $e): bool => in_array($e->text('verdict'), ['bad', 'watch'], true));
    expect(count($judged))->toBeGreaterThan(1)->and(array_values($odd))->toBe([]);
})->with(Unit::everyShipped());

it('takes what a check finds fault with for nothing healthy, and proves nothing by it', function (float $amps, bool $proves): void {
    // 14.1 A is the compressor's plate; the model's healthy one may draw that and some more (plate and weather)
    $unit = Unit::cooling();
    $call = coolingCall()->enterAmps('w11', $amps);
    $standing = Standing::after($unit->model()->circuit, $call->log, $call->judged());
    $assessment = $unit->investigation()->assess($standing->allEvidence(), $standing->standpoint());
    expect($assessment->meanings[0]->asHealthy)->toBe($proves)->and(in_array('COMP', $assessment->proved, true))->toBe($proves);
})->with([[14.0, true], [16.2, false]]);

it('judges the draft motor and the speed-tap blower of a furnace against their plates', function (): void {
    $unit = Unit::shipped('gas-furnace');
    expect((new Called($unit))->enterAmps('w30', 1.0)->verdicts())->toBe(['running-current IND good'])
        ->and((new Called($unit))->enterAmps('w30', 1.9)->verdicts())->toBe(['running-current IND bad'])
        ->and((new Called($unit))->enterAmps('w50', 1.0)->verdicts())->toBe(['running-current IND good'])
        ->and((new Called($unit))->enterAmps('w36', 5.0)->verdicts())->toBe(['running-current IBM good']);
});

<?php

declare(strict_types=1);

use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\WireGauge;
use Levin\Core\Network\Complex;
use Levin\Core\Parts\Machines\ThreePhaseMotor;
use Levin\Core\Parts\Machines\Unbalance;
use Levin\Core\Parts\Sensors\Thermistor;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Published cases; the source stands beside each. All values from memory of the source named.

/** A three-phase motor on a wye supply through short heavy wires. */
function bench(string $plate, string $supply = 'volts: 460, source_ohms: 0.001', string $kind = 'motor-three-phase'): Unit
{
    $wires = [];
    foreach ([1, 2, 3] as $n) {
        array_push($wires, ["SUP.L$n", "SW.L$n"], ["SW.T$n", "M.T$n"]);
    }

    return Rig::of(
        "supply-wye, $supply",
        ['SW' => 'disconnect-3p, closed_by: switch', 'M' => "$kind, $plate"],
        $wires,
        ['switch' => true],
    );
}

/** @return list<float> amperes in the three leads */
function leads(Unit $unit, string ...$faults): array
{
    $settled = $unit->with(...$faults);

    return array_map(fn (int $n): float => $settled->currentInto('M', "T$n")->abs(), [1, 2, 3]);
}

const FIVE_HORSEPOWER = 'volts: 460, fla: 7.6, lra: 46, power_factor: 0.83, winding_ohms: 2.6, rpm: 1746';

it('finds 1.96 % unbalance in 460, 467 and 450 V (NEMA MG 1, 14.36)', function (): void {
    expect(Unbalance::percent([460, 467, 450]))->toEqualWithDelta(1.96, 0.005);
});

it('draws currents several times as unbalanced as the voltages (NEMA MG 1, 14.36: about 6 to 10 times)', function (): void {
    $unit = bench(FIVE_HORSEPOWER, 'volts: 460, source_ohms: 0.001, l1_percent: 98, l2_percent: 101, l3_percent: 101');
    $settled = $unit->with();
    $volts = [$settled->between('M.T1', 'M.T2')->abs(), $settled->between('M.T2', 'M.T3')->abs(), $settled->between('M.T3', 'M.T1')->abs()];
    $times = Unbalance::percent(leads($unit)) / Unbalance::percent($volts);
    expect($times)->toBeGreaterThan(5.0)->toBeLessThan(10.5);
});

it('splits a fault between two phases into the sequence currents of the textbook (Grainger and Stevenson, Power System '
    .'Analysis, example 11.1)', function (): void {
        // Ia = 10∠0°, Ib = 10∠180°, Ic = 0: I1 = 5.78∠−30°, I2 = 5.78∠30°
        [$positive, $negative] = ThreePhaseMotor::sequences(new Complex(10), new Complex(-10));
        expect($positive->abs())->toEqualWithDelta(5.77, 0.01)
            ->and(rad2deg(atan2($positive->im, $positive->re)))->toEqualWithDelta(-30, 0.01)
            ->and($negative->abs())->toEqualWithDelta(5.77, 0.01)
            ->and(rad2deg(atan2($negative->im, $negative->re)))->toEqualWithDelta(30, 0.01);
    });

it('draws plate current running and plate current locked on three phases', function (): void {
    $unit = bench(FIVE_HORSEPOWER);
    foreach (leads($unit) as $amps) {
        expect($amps)->toEqualWithDelta(7.6, 0.1);
    }
    foreach (leads($unit, 'M:seized') as $amps) {
        expect($amps)->toEqualWithDelta(46.0, 0.5);
    }
});

it('draws in locked rotor √3/2 of its locked current on two phases and cannot start (circuit theory)', function (): void {
    $unit = bench(FIVE_HORSEPOWER);
    $settled = $unit->with('SW:pole3-open');
    [$one, $two, $three] = leads($unit, 'SW:pole3-open');
    expect($settled->observed('M'))->toBe('hums')
        ->and($one)->toEqualWithDelta(46 * sqrt(3) / 2, 0.5)->and($two)->toEqualWithDelta($one, 0.01)
        ->and($three)->toBeLessThan(0.01);
});

it('goes on running on two phases at 1.7 to 2.2 times its current when it has lost one at full load (handbooks of motor '
    .'protection: 173 % and more)', function (): void {
        $unit = bench(FIVE_HORSEPOWER);
        $run = $unit->run("until: 12 s\nevents: [{ at: 10 s, fault: ['SW:pole3-open'] }]\n");
        expect($run->end->observed('M'))->toBe('runs')
            ->and($run->end->currentOf('M') / 7.6)->toBeGreaterThan(1.7)->toBeLessThan(2.3);
    });

it('regenerates the leg it has lost, nearly in full at light load, and reads nothing like it once it stands (circuit theory; '
    .'practice)', function (): void {
        $unit = bench(FIVE_HORSEPOWER.', load: 0.4');
        $running = $unit->run("until: 12 s\nevents: [{ at: 10 s, fault: ['SW:pole3-open'] }]\n")->end;
        expect($running->between('M.T3', 'M.T1')->abs() / 460)->toBeGreaterThan(0.8)->toBeLessThan(1.0)
            ->and($unit->with('SW:pole3-open')->between('M.T3', 'M.T1')->abs() / 460)->toEqualWithDelta(0.5, 0.01);
    });

it('takes at its NEC current the input that its horsepower needs at an ordinary efficiency (NEC table 430.250)', function (
    float $horsepower,
    float $volts,
    float $amps,
    float $powerFactor,
): void {
    $ohms = 0.06 * $volts / $amps;
    $unit = bench(sprintf(
        'volts: %g, fla: %g, lra: %g, power_factor: %g, winding_ohms: %g, rpm: 1737',
        $volts,
        $amps,
        6.2 * $amps,
        $powerFactor,
        $ohms,
    ), "volts: $volts, source_ohms: 0.001");
    $settled = $unit->with();
    $watts = 0.0;
    foreach ([1, 2, 3] as $n) {
        $v = $settled->at("M.T$n");
        $i = $settled->currentInto('M', "T$n");
        $watts += $v->re * $i->re + $v->im * $i->im;
    }
    // the table's currents are on the safe side: small motors come out at efficiencies from 60 %
    expect(746 * $horsepower / $watts)->toBeGreaterThan(0.6)->toBeLessThan(0.95);
})->with([
    [1, 230, 4.2, 0.7],
    [2, 460, 3.4, 0.76],
    [3, 460, 4.8, 0.78],
    [5, 460, 7.6, 0.82],
    [7.5, 460, 11, 0.82],
    [10, 230, 28, 0.84],
    [20, 460, 27, 0.86],
    [5, 575, 6.1, 0.82],
]);

it('runs a single-phase motor at its NEC current with the input its horsepower needs (NEC table 430.248)', function (
    float $horsepower,
    float $amps,
): void {
    [$locked, $run, $start] = [5 * $amps, 0.045 * 230 / $amps, 0.15 * 230 / $amps];
    $unit = Rig::of(
        'supply-split-phase, volts: 230, source_ohms: 0.001',
        [
            'M' => "motor-capacitor-start, volts: 230, fla: $amps, lra: $locked, run_ohms: $run, start_ohms: $start, capacitor_uf: 160",
            'C' => 'capacitor-start, start_uf: 160',
        ],
        [['SUP.L1', 'M.R'], ['SUP.L1', 'C.1'], ['C.2', 'M.S'], ['M.C', 'SUP.L2']],
    );
    $settled = $unit->with();
    $watts = 0.0;
    foreach (['R', 'C', 'S'] as $t) {
        $v = $settled->at("M.$t");
        $i = $settled->currentInto('M', $t);
        $watts += $v->re * $i->re + $v->im * $i->im;
    }
    expect($settled->observed('M'))->toBe('runs')
        ->and($settled->currentInto('M', 'R')->abs())->toEqualWithDelta($amps, 0.05 * $amps)
        // the table's single-phase currents are those of small motors of no great efficiency
        ->and(746 * $horsepower / $watts)->toBeGreaterThan(0.33)->toBeLessThan(0.9);
})->with([[0.5, 4.9], [0.75, 6.9], [1, 8], [2, 12], [3, 17]]);

it('locks a 5 hp motor of 46 A at the kilovolt-amperes of code letter J (NEC table 430.7(B): 7.1 to 7.99 a horsepower)', function (): void {
    $kva = array_sum(leads(bench(FIVE_HORSEPOWER), 'M:seized')) / 3 * sqrt(3) * 460 / 1000;
    expect($kva / 5)->toBeGreaterThan(7.1)->toBeLessThan(7.99);
});

it('reads the windings of a three-phase motor the same over each pair, and one open winding over two', function (): void {
    $unit = bench(FIVE_HORSEPOWER);
    $off = $unit->conditions(['switch' => false]);
    $pair = fn (string $a, string $b, string ...$faults): ?float => $unit->read(
        Levin\Core\Meter\MeterFunction::Ohms,
        "M.$a",
        "M.$b",
        $unit->settle($off, array_values($faults)),
    )->value;
    expect($pair('T1', 'T2'))->toBe(2.6)->and($pair('T2', 'T3'))->toBe(2.6)->and($pair('T1', 'T3'))->toBe(2.6)
        // null is OL
        ->and($pair('T1', 'T2', 'M:winding1-open'))->toBeNull()
        ->and($pair('T1', 'T3', 'M:winding1-open'))->toBeNull()
        ->and($pair('T2', 'T3', 'M:winding1-open'))->toBe(2.6);
});

it('gives three quarters of its power on 208 V to a 240 V element: (208/240)² (circuit theory)', function (): void {
    $unit = Unit::shipped('air-handler-electric');
    $watts = function (float $volts) use ($unit): float {
        $circuit = $unit->model()->circuit;
        $settled = Unit::of($circuit->fitting($circuit->part('SUP')->withPlate(['volts' => $volts, 'source_ohms' => 0.001])))->with();

        return $settled->between('HE1.1', 'HE1.2')->abs() * $settled->currentOf('HE1');
    };
    expect($watts(208) / $watts(240))->toEqualWithDelta((208 / 240) ** 2, 0.001)
        // 5 kW at 240 V is 11.52 Ω and 20.8 A
        ->and(Unit::shipped('air-handler-electric')->with()->currentOf('HE1'))->toEqualWithDelta(20.8, 0.4);
});

it('has the resistances of NEC chapter 9 table 8, uncoated copper at 75 °C, ohms per 1000 ft', function (int $gauge, float $ohms): void {
    expect(WireGauge::from($gauge)->ohmsPerMetre() * 304.8)->toEqualWithDelta($ohms, 0.01 * $ohms);
})->with([[18, 7.95], [14, 3.14], [12, 1.98], [10, 1.24], [8, 0.778], [6, 0.491], [4, 0.308]]);

it('measures a capacitor under load by C = 2652·I/V at 60 Hz (10⁶/2πf)', function (): void {
    $unit = Unit::shipped('heat-pump');
    $settled = $unit->with();
    expect(2652.6 * $settled->wireCurrent('w25')->abs() / $settled->between('CAP.C', 'CAP.FAN')->abs())->toEqualWithDelta(5.0, 0.01);
});

it('drops the secondary of a tapped transformer by current times winding ohms, secondary and primary by the square of the ratio '
    .'(circuit theory)', function (): void {
        $unit = Unit::shipped('rooftop-460');
        $full = $unit->with();
        $idle = $unit->settle($unit->conditions(['call_cool_1' => false, 'call_cool_2' => false, 'call_fan' => false]));
        $ratio = 27.2 / 480;
        $ohms = 0.18 + 54 * $ratio ** 2 + Levin\Core\Parts\Values::CLOSED_OHMS;
        $predicted = $idle->between('T1.X1', 'T1.X2')->minus($full->wireCurrent('w99')->minus($idle->wireCurrent('w99'))->scaled($ohms));
        // the line sags by some two volts of 480 as well
        $sag = $full->between('T1.H1', 'T1.H4')->abs() / $idle->between('T1.H1', 'T1.H4')->abs();
        expect($full->between('T1.X1', 'T1.X2')->abs())->toEqualWithDelta($predicted->abs() * $sag, 0.02)
            ->and($full->between('T1.X1', 'T1.X2')->abs())->toBeLessThan($idle->between('T1.X1', 'T1.X2')->abs() - 0.2);
    });

it('shows on the taps of a transformer the volts of their turns (circuit theory)', function (): void {
    $settled = Unit::shipped('rooftop-460')->with();
    $fed = $settled->between('T1.H1', 'T1.H4')->abs();
    expect($settled->between('T1.H1', 'T1.H3')->abs() / $fed)->toEqualWithDelta(240 / 480, 0.002)
        ->and($settled->between('T1.H1', 'T1.H2')->abs() / $fed)->toEqualWithDelta(208 / 480, 0.002);
});

it('has 10 kΩ at 25 °C and 32.7 kΩ at 0 °C in a 10 kΩ thermistor of B = 3950 K (the beta formula; tables give 32.65 to 33.6 '
    .'kΩ)', function (): void {
        $thermistor = new Thermistor(new Part(
            'TH',
            'thermistor',
            'Sensor',
            'bench',
            ['curve' => 'ntc', 'ohms' => 10000, 'beta' => 3950, 'rated_at' => 120, 'senses' => 't'],
            ['1', '2'],
            'SUP.G',
        ));
        expect($thermistor->ohms(25))->toEqualWithDelta(10000, 1)
            ->and($thermistor->ohms(0))->toEqualWithDelta(33600, 1000);
    });

it('reads 208 V on the high leg of a 240 V delta to neutral: 240·√3/2 (circuit theory)', function (): void {
    $settled = Levin\Core\Tests\Support\Examples::bench('supply-delta')->with();
    expect($settled->at('SUP.L2')->abs())->toEqualWithDelta(240 * sqrt(3) / 2, 0.1)
        ->and($settled->at('SUP.L1')->abs())->toEqualWithDelta(120, 0.1)
        ->and($settled->between('SUP.L1', 'SUP.L2')->abs())->toEqualWithDelta(240, 0.1);
});

it('feeds the named systems: 208Y/120, 480Y/277, 600Y/347 and 400Y/230 (ANSI C84.1, IEC 60038)', function (
    float $line,
    float $phase,
): void {
    $settled = bench(FIVE_HORSEPOWER, "volts: $line, source_ohms: 0.001")->settler;
    $unit = Unit::of($settled->model->circuit);
    $off = $unit->settle($unit->conditions(['switch' => false]));
    expect($off->at('SUP.L1')->abs())->toEqualWithDelta($phase, 0.5)
        ->and($off->between('SUP.L2', 'SUP.L3')->abs())->toEqualWithDelta($line, 0.1);
})->with([[208, 120], [480, 277], [600, 346.4], [400, 231]]);

it('melts a time-delay fuse within its standard (UL 248-12): holds 110 %, opens 135 % within the hour, carries 500 % for ten '
    .'seconds', function (
        float $times,
        float $least,
        float $most,
    ): void {
        $amps = 30.0 * $times;
        $watts = 240 * $amps;
        $unit = Rig::of(
            'supply-split-phase, volts: 240, source_ohms: 0.001',
            ['FU' => 'fuse, amps: 30', 'H' => "heater, volts: 240, watts: $watts"],
            [['SUP.L1', 'FU.1'], ['FU.2', 'H.1'], ['H.2', 'SUP.L2']],
        );
        $blown = $unit->run('until: 2 h')->when('FU', 'blown') ?? INF;
        expect($blown)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
    })->with(['110 %' => [1.10, INF, INF], '135 %' => [1.36, 10, 3600], '200 %' => [2.0, 10, 480], '500 %' => [5.0, 10, 60]]);

it('trips a breaker within its standard (UL 489): holds 100 %, opens 135 % within the hour and 200 % within two minutes', function (
    float $times,
    float $least,
    float $most,
): void {
    $watts = 7200 * $times;
    $unit = Rig::of(
        'supply-split-phase, volts: 240, source_ohms: 0.001',
        ['CB' => "breaker, amps: 30, closed_by: 'on'", 'H' => "heater, volts: 240, watts: $watts"],
        [['SUP.L1', 'CB.L1'], ['CB.T1', 'H.1'], ['H.2', 'CB.T2'], ['CB.L2', 'SUP.L2']],
        ['on' => true],
    );
    $tripped = $unit->run('until: 2 h')->when('CB', 'tripped') ?? INF;
    expect($tripped)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with(['100 %' => [1.0, INF, INF], '135 %' => [1.36, 1, 3600], '200 %' => [2.0, 1, 120]]);

it('corrects copper for temperature: 1.00 Ω at 25 °C is 1.25 Ω at 90 °C (IEEE 112, 234.5 °C)', function (): void {
    expect(Levin\Core\Parts\Machines\Copper::at(1.0, 25, 90))->toEqualWithDelta(1.2505, 0.0001)
        ->and(Levin\Core\Parts\Machines\Copper::at(1.2505, 90, 25))->toEqualWithDelta(1.0, 0.0001);
});

<?php

declare(strict_types=1);

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Machines\Load;
use Levin\Core\Parts\Machines\SynchronousSpeed;
use Levin\Core\Parts\Machines\ThreePhaseMotor;
use Levin\Core\Parts\Machines\TwoWindingFit;
use Levin\Core\Parts\Machines\TwoWindingMotor;
use Levin\Core\Parts\Machines\TwoWindingPlate;
use Levin\Core\Parts\PlateContradiction;

// Machines fed as equivalent circuits against textbooks, and as plates against what such motors do.

function psc(
    float $volts,
    float $fla,
    float $lra,
    float $rpm,
    float $run,
    float $start,
    float $microfarads,
    float $rated = 370,
    float $returns = 0.0,
): TwoWindingPlate {
    $slip = SynchronousSpeed::slip($rpm, 60);

    return new TwoWindingPlate($volts, 60, $fla, $lra, $slip, $run, $start, $returns, $microfarads * 1e-6, $rated);
}

/** The most torque, as a share of rated, with the plate's capacitor or another. */
function breakdown(TwoWindingPlate $plate, ?Complex $series): float
{
    $motor = TwoWindingFit::of($plate);

    return max(array_map(
        static fn (int $n): float => $motor->shareFedThrough(new Complex($plate->volts), $series, $n / 200),
        range(2, 200),
    ));
}

const FIVE_TONS = [240, 26.4, 134, 3450, 0.33, 1.4, 60, 440];

it('gives the currents of a quarter-horsepower motor on its run winding (Fitzgerald, Kingsley, Umans, Electric Machinery, 6th ed., '
    .'example 9.2: 3.59 A at power factor 0.62, 244 W in, 147 + 37 W mechanical; from memory)', function (): void {
        // R₁ 2.02, X₁ 2.79, R₂ 4.12, X₂ 2.12, Xm 66.8 Ω; 110 V, 4 poles, slip 0.05
        $motor = new TwoWindingMotor(2.02, 2.79, 1e9, 0.0, 4.12, 2.12, 66.8, 1.0);
        [$current] = $motor->currents(new Complex(110), new Complex(0), 0.05);
        $mechanical = 0.95 * $motor->torque($current, new Complex(0), 0.05);
        expect($current->abs())->toEqualWithDelta(3.59, 0.02)
            ->and($current->re / $current->abs())->toEqualWithDelta(0.62, 0.005)
            ->and(110 * $current->re)->toEqualWithDelta(244, 3)
            ->and($mechanical)->toEqualWithDelta(147 + 37, 2);
    });

it('puts its winding currents in quadrature at standstill with the capacitor the textbook finds (Fitzgerald, Kingsley, Umans, 6th ed., '
    .'example 9.1: 177 µF for 4.5 + j3.7 and 9.5 + j3.5 Ω at 120 V, 60 Hz; from memory)', function (): void {
        // at standstill the two windings do not see each other: each has its own ohms and leakage, and the rotor's behind it
        [$rotorRe, $rotorIm] = [2.0, 1.5];
        $motor = new TwoWindingMotor(4.5 - $rotorRe, 3.7 - $rotorIm, 9.5 - $rotorRe, 3.5 - $rotorIm, $rotorRe, $rotorIm, 1e7, 1.0);
        $capacitor = new Complex(0, -1 / (2 * M_PI * 60 * 177e-6));
        $run = (new Complex(120))->over(new Complex(4.5, 3.7));
        $start = (new Complex(120))->over((new Complex(9.5, 3.5))->plus($capacitor));
        [$mainFed, $startFed] = $motor->currents(new Complex(120), $capacitor, 1.0);
        expect($mainFed->abs())->toEqualWithDelta($run->abs(), 1e-3)->and($startFed->abs())->toEqualWithDelta($start->abs(), 1e-3)
            // a right angle between them: no part of one along the other
            ->and(($startFed->re * $mainFed->re + $startFed->im * $mainFed->im) / $startFed->abs() / $mainFed->abs())
            ->toEqualWithDelta(0.0, 0.01);
    });

it('turns without its start winding as the same textbook has it, and has no torque at standstill', function (): void {
    $motor = new TwoWindingMotor(2.02, 2.79, 7.14, 3.22, 4.12, 2.12, 66.8, 1.18);
    expect($motor->torqueFedThrough(new Complex(110), null, 1.0))->toEqualWithDelta(0.0, 1e-9)
        ->and($motor->torqueFedThrough(new Complex(110), null, 0.05))->toBeGreaterThan(150.0)
        // and with its starting capacitor, 3 − j14.5 Ω (Krause, Wasynczuk, Sudhoff, Analysis of Electric Machinery; from memory), it has
        ->and($motor->torqueFedThrough(new Complex(110), new Complex(3, -14.5), 1.0))->toBeGreaterThan(150.0);
});

it('balances two windings as the phasor diagram of a two-phase machine says: no backward field where aI leads by a right angle '
    .'[physics]', function (): void {
        $motor = new TwoWindingMotor(2, 3, 2 * 1.5 ** 2, 3 * 1.5 ** 2, 4, 2, 67, 1.5);
        [$forward, $backward] = $motor->fields(new Complex(3.0), new Complex(0.0, 2.0));
        expect($forward)->toEqualWithDelta(6.0, 1e-12)->and($backward)->toEqualWithDelta(0.0, 1e-12);
    });

it('gives the same torque by currents and by series impedance, returned to the end of the run winding or its middle', function (
    float $returns,
): void {
    $motor = new TwoWindingMotor(2.0, 3.0, 5.0, 4.0, 4.0, 2.0, 67.0, 1.3, $returns);
    $series = new Complex(3.0, -40.0);
    foreach ([0.05, 0.3, 1.0] as $slip) {
        [$run, $start] = $motor->currents(new Complex(115.0), $series, $slip);
        expect($motor->torqueFedThrough(new Complex(115.0), $series, $slip))->toEqualWithDelta($motor->torque($run, $start, $slip), 1e-6);
    }
})->with([0.0, 0.5]);

it('gives the current and torque of a three-phase motor at a slip (Fitzgerald, Kingsley, Umans, 6th ed., example 6.2: 18.8 A, '
    .'power factor 0.845 at a slip of 2 %; from memory)', function (): void {
        // 220 V line to line, R₁ 0.294, X₁ 0.503, R₂ 0.144, X₂ 0.209, Xm 13.25 Ω
        $z = ThreePhaseMotor::ofCircuit(0.294, 0.503, 0.144, 0.209, 13.25, 0.02, 220 / sqrt(3))->impedance(0.02);
        expect(220 / sqrt(3) / $z->abs())->toEqualWithDelta(18.8, 0.05)->and($z->re / $z->abs())->toEqualWithDelta(0.845, 0.002);
    });

it('has its greatest torque, and its torque at standstill, where the same textbook finds them (example 6.3: 175 N·m at a slip of '
    .'0.19, 78 N·m locked, 65.2 N·m at 3 %)', function (): void {
        $motor = ThreePhaseMotor::ofCircuit(0.294, 0.503, 0.144, 0.209, 13.25, 0.03, 220 / sqrt(3));
        $torque = fn (float $slip): float => 65.2 * $motor->relativeTorque(220 / sqrt(3), 0.0, $slip);
        $curve = array_map($torque, [0.1, 0.15, 0.19, 0.25, 0.4]);
        expect($torque(1.0))->toEqualWithDelta(78, 1)->and($torque(0.192))->toEqualWithDelta(175, 2)->and(max($curve))->toBe($curve[2]);
    });

it('draws its plate currents running and locked, near balance, its capacitor at what it is rated for', function (
    TwoWindingPlate $plate,
): void {
    $rated = TwoWindingFit::of($plate);
    $at = fn (float $slip): array => $rated->motor->currents(new Complex($plate->volts), $plate->series(), $slip);
    [$run, $start] = $at($plate->slip);
    [$lockedRun, $lockedStart] = $at(1.0);
    [$forward, $backward] = $rated->motor->fields($run, $start);
    expect($run->plus($start)->abs())->toEqualWithDelta($plate->fla, 0.02 * $plate->fla)
        ->and($lockedRun->plus($lockedStart)->abs())->toEqualWithDelta($plate->lra, 0.1 * $plate->lra)
        ->and($backward / $forward)->toBeLessThan(0.45)
        ->and($start->times($plate->series())->abs())->toBeLessThan(1.02 * $plate->capacitorVolts)
        ->and($rated->shareFedThrough(new Complex($plate->volts), $plate->series(), $plate->slip))->toEqualWithDelta(1.0, 1e-9);
})->with([
    'condenser fan' => [psc(240, 1.1, 2.2, 1075, 26, 44, 5)],
    'blower' => [psc(240, 2.3, 5.2, 1075, 11, 20, 10)],
    'two and a half tons' => [psc(240, 14.1, 73, 3450, 0.72, 1.9, 40, 440)],
    'five tons' => [psc(...FIVE_TONS)],
    '460 V, across half its run winding' => [psc(460, 1.3, 2.7, 1075, 41, 70, 5, 440, 0.5)],
    '115 V' => [psc(115, 7.2, 15, 1075, 2.2, 4.5, 10)],
]);

it('has the locked and breakdown torque of a permanent-split motor: a fifth to six tenths locked, 1.15 to 2.75 at breakdown (handbooks '
    .'of small motors; NEMA MG 1, 12.32 rates by breakdown; from memory)', function (TwoWindingPlate $plate): void {
        $locked = TwoWindingFit::of($plate)->shareFedThrough(new Complex($plate->volts), $plate->series(), 1.0);
        expect($locked)->toBeGreaterThan(0.2)->toBeLessThan(0.65)
            ->and(breakdown($plate, $plate->series()))->toBeGreaterThan(1.15)->toBeLessThan(2.75);
    })->with([
        [psc(240, 1.1, 2.2, 1075, 26, 44, 5)],
        [psc(240, 14.1, 73, 3450, 0.72, 1.9, 40, 440)],
        [psc(...FIVE_TONS)],
    ]);

it('loses pull-out torque with its capacitor open, and takes more current with a weak one (common practice, no published '
    .'source)', function (
        TwoWindingPlate $plate,
    ): void {
        $motor = TwoWindingFit::of($plate);
        $weak = new Complex(0, $plate->series()->im / 0.6);
        // turning the same fan, or the same compressor, it slows until it carries it again
        $load = new Load(1.0, $plate->fla < 5 ? 2.0 : 0.0, $plate->slip);
        $torque = fn (float $s): float => $motor->shareFedThrough(new Complex($plate->volts), $weak, $s);
        $slip = $load->slipFrom($plate->slip, $torque) ?? NAN;
        [$run, $start] = $motor->motor->currents(new Complex($plate->volts), $weak, $slip);
        $line = $run->plus($start)->abs();
        expect(breakdown($plate, null))->toBeLessThan(0.86 * breakdown($plate, $plate->series()))
            ->and(breakdown($plate, $weak))->toBeLessThan(breakdown($plate, $plate->series()))
            ->and($line)->toBeGreaterThan(1.05 * $plate->fla)->toBeLessThan(1.4 * $plate->fla);
    })->with([
        [psc(240, 1.1, 2.2, 1075, 26, 44, 5)],
        [psc(240, 14.1, 73, 3450, 0.72, 1.9, 40, 440)],
    ]);

it('knows the poles from the speed on the plate (120·f/p)', function (float $rpm, float $hertz, float $slip): void {
    expect(SynchronousSpeed::slip($rpm, $hertz))->toEqualWithDelta($slip, 1e-9);
})->with([
    [1075, 60, 1 - 1075 / 1200],
    [825, 60, 1 - 825 / 900],
    [3450, 60, 1 - 3450 / 3600],
    [1425, 50, 0.05],
    [2900, 50, 1 - 2900 / 3000],
]);

it('refuses a plate that no motor comes near, and says what the nearest draws', function (TwoWindingPlate $plate, string $message): void {
    expect(fn () => TwoWindingFit::of($plate))->toThrow(PlateContradiction::class, $message);
})->with([
    'locked rotor beyond the winding' => [psc(240, 14.1, 900, 3450, 0.72, 1.9, 40), 'locked-rotor current'],
    'more running than locked' => [psc(240, 70, 20, 3450, 0.7, 1.9, 40), 'the nearest draws'],
]);

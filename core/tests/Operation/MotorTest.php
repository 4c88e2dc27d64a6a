<?php

declare(strict_types=1);

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Machines\TwoWindingMotor;
use Levin\Core\Parts\PlateContradiction;

/** @return array{Complex, Complex} run and auxiliary current at rated voltage with a capacitor in the auxiliary */
function motorCurrents(TwoWindingMotor $motor, float $volts, float $microfarads, float $slip): array
{
    [$z11, $z12, $z21, $z22] = $motor->impedances($slip);
    $z22 = $z22->plus(new Complex(0, -1 / (2 * M_PI * 60 * $microfarads * 1e-6)));
    $d = $z11->times($z22)->minus($z12->times($z21));

    return [$z22->minus($z12)->scaled($volts)->over($d), $z11->minus($z21)->scaled($volts)->over($d)];
}

it('draws its plate current at plate conditions', function (float $fla, float $lra, float $run, float $start, float $uf): void {
    $motor = TwoWindingMotor::fromPlate(240, 60, $fla, $lra, $run, $start, $uf * 1e-6, 1.25);
    [$main, $aux] = motorCurrents($motor, 240, $uf, $motor->slip);
    expect($main->plus($aux)->abs())->toEqualWithDelta($fla, 1e-6 * $fla)
        ->and($motor->relativeTorque($main, $aux, $motor->slip))->toEqualWithDelta(1.0, 1e-9)
        // induction machines run a few per cent under synchronous speed (any machines textbook)
        ->and($motor->slip)->toBeGreaterThan(0.005)->toBeLessThan(0.12);
})->with([
    'compressor' => [14.1, 73, 0.72, 1.9, 40],
    'outdoor fan' => [1.1, 2.2, 26, 44, 5],
    'blower' => [2.3, 5.2, 11, 20, 10],
]);

it('has no starting torque without its start winding (double revolving field theory)', function (): void {
    $motor = TwoWindingMotor::fromPlate(240, 60, 14.1, 73, 0.72, 1.9, 40e-6, 1.25);
    [$z11] = $motor->impedances(1.0);
    $torque = $motor->relativeTorque((new Complex(240))->over($z11), new Complex(0), 1.0);
    expect($torque)->toEqualWithDelta(0.0, 1e-12)
        // and the run winding alone then draws the locked-rotor current of the plate, but for the magnetizing branch
        ->and((new Complex(240))->over($z11)->abs())->toEqualWithDelta(73, 0.03 * 73);
});

it('puts more than line voltage on a run capacitor, which is why they are marked 370 and 440 V (common practice, no published '
    .'source)', function (): void {
        $motor = TwoWindingMotor::fromPlate(240, 60, 14.1, 73, 0.72, 1.9, 40e-6, 1.25);
        [, $aux] = motorCurrents($motor, 240, 40, $motor->slip);
        expect($aux->abs() / (2 * M_PI * 60 * 40e-6))->toBeGreaterThan(300)->toBeLessThan(440);
    });

it('refuses a plate that contradicts itself', function (array $plate, string $message): void {
    expect(fn () => TwoWindingMotor::fromPlate(...$plate))->toThrow(PlateContradiction::class, $message);
})->with([
    'locked rotor beyond the winding' => [[240, 60, 14.1, 900, 0.72, 1.9, 40e-6, 1.25], 'locked-rotor current'],
    'full load out of reach' => [[240, 60, 400, 320, 0.1, 1.9, 40e-6, 1.25], 'no slip gives a line current'],
]);

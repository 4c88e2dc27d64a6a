<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\PlateContradiction;

/**
 * The equivalent circuit that a single-phase motor's plate describes.
 *
 * Four things are not on the plate: rotor ohms, leakage, magnetizing reactance and turns ratio. They are found together, as
 * those that miss least of what is known, each in the measure given here:
 *
 * - the line current at rated speed with the capacitor is FLA, and with the rotor locked LRA;
 * - near rated load the backward field of a permanent-split motor has gone: it is designed to run as a balanced two-phase
 *   one there (Veinott, "Theory and Design of Small Induction Motors"; Fitzgerald, Kingsley, Umans; both from memory). In exact
 *   balance the start winding's turns obey a² = FLA/(ωCV) − (1 − k)² and the capacitor stands at V·√(a² + (1 − k)²) [physics];
 * - the capacitor stands at no more than it is rated for;
 * - it can carry more than rated torque: breakdown at 1.6 times and up (NEMA MG 1, part 12, rates such motors by it; from memory);
 * - rotor ohms, magnetizing current and turns are of an ordinary size. [practice, no published source]
 */
final class TwoWindingFit
{
    /** Share of a current by which it may be missed in the end. */
    private const TOLERANCE = ['fla' => 0.10, 'lra' => 0.25];

    /** Plates remembered at once. */
    private const REMEMBERED = 200;

    /** Slips at which the breakdown torque is looked for. */
    private const SLIPS = [0.08, 0.12, 0.17, 0.23, 0.31, 0.42, 0.56, 0.75];

    /** @var array<string, RatedMotor> by plate: reading a circuit asks, and running it asks again */
    private static array $known = [];

    private function __construct(private readonly TwoWindingPlate $plate)
    {
    }

    /** @throws PlateContradiction when no such motor comes near */
    public static function of(TwoWindingPlate $plate): RatedMotor
    {
        $key = serialize($plate);
        $motor = self::$known[$key] ?? self::fitted($plate);
        self::$known = [$key => $motor, ...array_slice(self::$known, 0, self::REMEMBERED)];

        return $motor;
    }

    /** @throws PlateContradiction */
    private static function fitted(TwoWindingPlate $plate): RatedMotor
    {
        $locked = $plate->volts / $plate->lra;
        if ($locked <= 1.15 * $plate->runOhms) {
            throw PlateContradiction::lockedCurrent($plate->lra, $plate->volts, $plate->runOhms);
        }
        $fit = new self($plate);
        $motor = $fit->motor((new LeastSquares($fit->misses(...)))->nearest($fit->start($locked)));
        [$running, $standing] = [$fit->line($motor, $plate->slip), $fit->line($motor, 1.0)];
        if (abs($running / $plate->fla - 1) > self::TOLERANCE['fla'] || abs($standing / $plate->lra - 1) > self::TOLERANCE['lra']) {
            throw PlateContradiction::singlePhase($plate->fla, $plate->lra, $running, $standing);
        }

        return new RatedMotor($motor, $plate->slip, $fit->torque($motor, $plate->slip));
    }

    /** @return non-empty-list<float> logarithms of rotor ohms, leakage, magnetizing reactance and turns ratio */
    private function start(float $locked): array
    {
        $p = $this->plate;

        return array_map(log(...), [
            $p->runOhms,
            max(0.2 * $locked, sqrt(max(0.0, $locked ** 2 - 4 * $p->runOhms ** 2)) / 2),
            $p->volts / (0.5 * $p->fla),
            sqrt($this->balancedTurns()),
        ]);
    }

    /** The square of the turns ratio that balances the motor exactly at full load, inside what is wound. */
    private function balancedTurns(): float
    {
        $p = $this->plate;
        $own = (1 - $p->returns) ** 2;
        if ($p->farads === null) {
            return 1.5;
        }

        return max(0.25, min(3.0, $p->fla / (2 * M_PI * $p->hertz * $p->farads * $p->volts) - $own));
    }

    /** @param  non-empty-list<float>  $logs */
    private function motor(array $logs): TwoWindingMotor
    {
        [$rotor, $leakage, $magnetizing, $turns] = array_map(exp(...), array_pad($logs, 4, 0.0));
        $p = $this->plate;

        return new TwoWindingMotor(
            $p->runOhms, $leakage, $p->startOhms, $turns ** 2 * $leakage, $rotor, $leakage, $magnetizing, $turns, $p->returns,
        );
    }

    /**
     * @param  non-empty-list<float>  $logs
     * @return non-empty-list<float>
     */
    private function misses(array $logs): array
    {
        $p = $this->plate;
        $motor = $this->motor($logs);
        [$run, $start] = $motor->currents(new Complex($p->volts), $p->series(), $p->slip);
        $torque = $motor->torque($run, $start, $p->slip);
        $breakdown = max(array_map(fn (float $s): float => $this->torque($motor, $s), self::SLIPS));
        [$forward, $backward] = $motor->fields($run, $start);
        $capacitor = $start->times($p->series())->abs();
        $rated = max($torque, 1e-6 * $p->volts * $p->fla);

        return [
            log($run->plus($start)->abs() / $p->fla) / 0.01,
            log($this->line($motor, 1.0) / $p->lra) / 0.04,
            $p->farads === null ? 0.0 : ($backward / $forward) / 0.15,
            $p->farads === null ? 0.0 : max(0.0, $capacitor / $p->capacitorVolts - 1.0) / 0.02,
            max(0.0, log(1.6 * $rated / $breakdown)) / 0.1,
            ($logs[0] - log(1.3 * $p->runOhms)) / 0.8,
            (($logs[2] ?? 0.0) - log($p->volts / (0.5 * $p->fla))) / 0.6,
            (($logs[3] ?? 0.0) - 0.5 * log($this->balancedTurns())) / 0.4,
        ];
    }

    private function line(TwoWindingMotor $motor, float $slip): float
    {
        [$run, $start] = $motor->currents(new Complex($this->plate->volts), $this->plate->series(), $slip);

        return $run->plus($start)->abs();
    }

    private function torque(TwoWindingMotor $motor, float $slip): float
    {
        return $motor->torqueFedThrough(new Complex($this->plate->volts), $this->plate->series(), $slip);
    }
}

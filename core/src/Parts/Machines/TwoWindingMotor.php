<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\PlateContradiction;

/**
 * A single-phase induction motor with a run winding and an auxiliary winding in quadrature, at a given slip.
 *
 * Double revolving field theory (Fitzgerald, Kingsley, Umans, "Electric Machinery", chapter on single-phase motors; from memory):
 *
 *     Vm = [Zm + Zf + Zb]·Im − j·a·(Zf − Zb)·Ia
 *     Va = j·a·(Zf − Zb)·Im + [Za + a²(Zf + Zb)]·Ia
 *
 * with Zf = ½·jXm ∥ (R₂/s + jX₂), Zb = ½·jXm ∥ (R₂/(2 − s) + jX₂), and a the turns ratio auxiliary to run.
 *
 * The plate gives volts, full-load and locked-rotor amperes, winding ohms, speed and capacitor. What the plate does not
 * give is chosen so that the motor draws its plate current at rated voltage: see fromPlate().
 */
final readonly class TwoWindingMotor
{
    private function __construct(
        private float $runOhms,
        private float $auxOhms,
        private float $leakage,
        private float $rotorOhms,
        private float $magnetizing,
        private float $turns,
        public float $slip,
        private float $ratedTorque,
    ) {
    }

    /**
     * Derives the equivalent circuit.
     *
     * Chosen, not on the plate: rotor ohms equal to run-winding ohms; leakage split evenly between stator and rotor so that
     * the run winding alone draws LRA at standstill; magnetizing reactance that takes 40 % of FLA; the slip found by bisection
     * so that the line current with the plate capacitor is FLA. [practice, no published source]
     *
     * @param  float  $volts  rated, r.m.s.
     * @param  float|null  $capacitance  farads in series with the auxiliary winding; null for a motor that runs on its run winding alone
     *
     * @throws PlateContradiction when no such motor exists
     */
    public static function fromPlate(
        float $volts,
        float $frequency,
        float $fla,
        float $lra,
        float $runOhms,
        float $auxOhms,
        ?float $capacitance,
        float $turns,
    ): self {
        $locked = $volts / $lra;
        if ($locked <= 2.02 * $runOhms) {
            throw PlateContradiction::lockedCurrent($lra, $volts, $runOhms);
        }
        $leakage = sqrt($locked ** 2 - (2 * $runOhms) ** 2) / 2;
        $motor = static fn (float $slip, float $torque = 1.0): self => new self(
            $runOhms,
            $auxOhms,
            $leakage,
            $runOhms,
            $volts / (0.4 * $fla),
            $turns,
            $slip,
            $torque,
        );
        // without a capacitor the auxiliary winding is out of circuit: in series with what nothing flows through
        $capacitor = $capacitance === null ? new Complex(1e12) : new Complex(0, -1 / (2 * M_PI * $frequency * $capacitance));
        $line = static function (float $slip) use ($motor, $volts, $capacitor): float {
            [$main, $aux] = $motor($slip)->currents(new Complex($volts), $capacitor, $slip);

            return $main->plus($aux)->abs();
        };
        [$low, $high] = [0.001, 0.5];
        if ($line($low) > $fla || $line($high) < $fla) {
            throw PlateContradiction::runningCurrent($fla, $line($low), $line($high));
        }
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $line($middle) < $fla ? $low = $middle : $high = $middle;
        }
        $running = $motor($low);
        [$main, $aux] = $running->currents(new Complex($volts), $capacitor, $low);

        return $motor($low, $running->torque($main, $aux, $low));
    }

    /**
     * The impedances of the two ports at a slip, ohms: run–run, run–aux, aux–run, aux–aux.
     *
     * @return array{Complex, Complex, Complex, Complex}
     */
    public function impedances(float $slip): array
    {
        [$zf, $zb] = $this->fields($slip);
        $sum = $zf->plus($zb);
        $difference = $zf->minus($zb)->scaled($this->turns);
        $cross = $difference->times(new Complex(0, -1));

        return [
            $sum->plus(new Complex($this->runOhms, $this->leakage)),
            $cross,
            $cross->scaled(-1),
            $sum->scaled($this->turns ** 2)->plus(new Complex($this->auxOhms, $this->leakage * $this->turns ** 2)),
        ];
    }

    /**
     * Air-gap torque as a fraction of the torque at plate conditions; positive is the way the motor should turn.
     */
    public function relativeTorque(Complex $run, Complex $aux, float $slip): float
    {
        return $this->torque($run, $aux, $slip) / $this->ratedTorque;
    }

    /**
     * Torque at a slip with the run winding on a voltage and the auxiliary fed from the same through some impedance, or open.
     */
    public function torqueFedThrough(Complex $volts, ?Complex $series, float $slip): float
    {
        // the same as currents() and torque(), in plain numbers: a slip is found in some dozens of these
        [$fr, $fi, $br, $bi] = $this->halves($slip);
        $a = $this->turns;
        $v = $volts->re ** 2 + $volts->im ** 2;
        [$pr, $pi] = [$this->runOhms + $fr + $br, $this->leakage + $fi + $bi];
        if ($series === null) {
            return $v / ($pr * $pr + $pi * $pi) * ($fr - $br) / $this->ratedTorque;
        }
        [$sr, $si] = [$a * $a * ($fr + $br) + $this->auxOhms + $series->re, $a * $a * ($fi + $bi + $this->leakage) + $series->im];
        [$cr, $ci] = [$a * ($fi - $bi), -$a * ($fr - $br)];
        [$dr, $di] = [$pr * $sr - $pi * $si + $cr * $cr - $ci * $ci, $pr * $si + $pi * $sr + 2 * $cr * $ci];
        [$mr, $mi] = [$sr - $cr, $si - $ci];
        [$qr, $qi] = [-$a * ($pi + $ci), $a * ($pr + $cr)];
        $forward = ($mr - $qr) ** 2 + ($mi - $qi) ** 2;
        $backward = ($mr + $qr) ** 2 + ($mi + $qi) ** 2;

        return $v / ($dr * $dr + $di * $di) * ($forward * $fr - $backward * $br) / $this->ratedTorque;
    }

    private function torque(Complex $run, Complex $aux, float $slip): float
    {
        [$zf, $zb] = $this->fields($slip);
        $quadrature = $aux->times(new Complex(0, $this->turns));

        return $run->minus($quadrature)->abs() ** 2 * $zf->re - $run->plus($quadrature)->abs() ** 2 * $zb->re;
    }

    /** @return array{Complex, Complex} forward and backward field impedance */
    private function fields(float $slip): array
    {
        [$fr, $fi, $br, $bi] = $this->halves($slip);

        return [new Complex($fr, $fi), new Complex($br, $bi)];
    }

    /**
     * Zf and Zb, each ½·jXm ∥ (q + jX₂) with q = R₂/s or R₂/(2 − s): ½Xm²q/D and ½Xm(q² + X₂(X₂ + Xm))/D, D = q² + (X₂ + Xm)².
     *
     * @return array{float, float, float, float}
     */
    private function halves(float $slip): array
    {
        $m = $this->magnetizing;
        $x = $this->leakage;
        $sum = $x + $m;
        $f = $this->rotorOhms / $slip;
        $b = $this->rotorOhms / (2 - $slip);
        $df = 2 * ($f * $f + $sum * $sum);
        $db = 2 * ($b * $b + $sum * $sum);

        return [$m * $m * $f / $df, $m * ($f * $f + $x * $sum) / $df, $m * $m * $b / $db, $m * ($b * $b + $x * $sum) / $db];
    }

    /** @return array{Complex, Complex} run and auxiliary current with a series impedance in the auxiliary */
    private function currents(Complex $volts, Complex $series, float $slip): array
    {
        [$z11, $z12, $z21, $z22] = $this->impedances($slip);
        $z22 = $z22->plus($series);
        $d = $z11->times($z22)->minus($z12->times($z21));

        return [$z22->minus($z12)->times($volts)->over($d), $z11->minus($z21)->times($volts)->over($d)];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;

/**
 * A single-phase induction motor with a run winding and a start winding in quadrature, at a given slip.
 *
 * Double revolving field theory (Fitzgerald, Kingsley, Umans, "Electric Machinery", chapter on single-phase motors; from memory):
 *
 *     Vm = [Zm + Zf + Zb]·Im − j·a·(Zf − Zb)·Ia
 *     Va = j·a·(Zf − Zb)·Im + [Za + a²(Zf + Zb)]·Ia
 *
 * with Zf = ½·jXm ∥ (R₂/s + jX₂), Zb = ½·jXm ∥ (R₂/(2 − s) + jX₂), and a the turns ratio start to run.
 *
 * Where the start winding returns to the middle of the run winding and not to its end, as in motors for 460 V, it carries
 * the share k of the run winding's turns with it: Im = I_R + k·I_S, Va = V_S − k·V_R.
 */
final readonly class TwoWindingMotor
{
    /**
     * Ohms and reactances at rated frequency; rotor and magnetizing values as the run winding sees them.
     *
     * @param  float  $turns  start to run winding
     * @param  float  $returns  the share k of the run winding between the start winding's return and C: 0, or a half
     */
    public function __construct(
        private float $runOhms,
        private float $runLeakage,
        private float $startOhms,
        private float $startLeakage,
        private float $rotorOhms,
        private float $rotorLeakage,
        private float $magnetizing,
        private float $turns,
        private float $returns = 0.0,
    ) {
    }

    /**
     * The impedances of the ports R–C and S–C at a slip, ohms: run–run, run–start, start–run, start–start.
     *
     * @return array{Complex, Complex, Complex, Complex}
     */
    public function impedances(float $slip): array
    {
        [$fr, $fi, $br, $bi] = $this->halves($slip);
        [$a, $k] = [$this->turns, $this->returns];
        $run = new Complex($this->runOhms + $fr + $br, $this->runLeakage + $fi + $bi);
        $cross = new Complex($a * ($fi - $bi), -$a * ($fr - $br));
        $own = new Complex($this->startOhms + $a * $a * ($fr + $br), $this->startLeakage + $a * $a * ($fi + $bi));

        return [
            $run,
            $run->scaled($k)->plus($cross),
            $run->scaled($k)->minus($cross),
            $run->scaled($k * $k)->plus($own),
        ];
    }

    /**
     * Currents into R and S with both fed from one voltage, S through a series impedance.
     *
     * @return array{Complex, Complex} amperes
     */
    public function currents(Complex $volts, Complex $series, float $slip): array
    {
        [$z11, $z12, $z21, $z22] = $this->impedances($slip);
        $z22 = $z22->plus($series);
        $d = $z11->times($z22)->minus($z12->times($z21));

        return [$z22->minus($z12)->times($volts)->over($d), $z11->minus($z21)->times($volts)->over($d)];
    }

    /** The torque at a slip with these currents into R and S, in synchronous watts: the power across the air gap. */
    public function torque(Complex $run, Complex $start, float $slip): float
    {
        [$fr, , $br] = $this->halves($slip);
        [$forward, $backward] = $this->fields($run, $start);

        return $forward ** 2 * $fr - $backward ** 2 * $br;
    }

    /**
     * How strong the two revolving fields are: what a current in the run winding alone would give to each.
     *
     * @return array{float, float} forward and backward, amperes
     */
    public function fields(Complex $run, Complex $start): array
    {
        $main = $run->plus($start->scaled($this->returns));
        $quadrature = $start->times(new Complex(0, $this->turns));

        return [$main->minus($quadrature)->abs(), $main->plus($quadrature)->abs()];
    }

    /**
     * The same torque with the run winding on a voltage and the start winding fed from the same through some impedance, or open.
     *
     * @return float synchronous watts
     */
    public function torqueFedThrough(Complex $volts, ?Complex $series, float $slip): float
    {
        // the same as currents() and torque(), in plain numbers: a slip is found in some dozens of these
        [$fr, $fi, $br, $bi] = $this->halves($slip);
        $a = $this->turns;
        $v = $volts->re ** 2 + $volts->im ** 2;
        [$pr, $pi] = [$this->runOhms + $fr + $br, $this->runLeakage + $fi + $bi];
        if ($series === null) {
            return $v / ($pr * $pr + $pi * $pi) * ($fr - $br);
        }
        $own = 1.0 - $this->returns;
        [$sr, $si] = [$a * $a * ($fr + $br) + $this->startOhms + $series->re, $a * $a * ($fi + $bi) + $this->startLeakage + $series->im];
        [$cr, $ci] = [$a * ($fi - $bi), -$a * ($fr - $br)];
        // of the run winding's main current J and the start current I: J·p + I·c = V, −J·c + I·s = own·V
        [$dr, $di] = [$pr * $sr - $pi * $si + $cr * $cr - $ci * $ci, $pr * $si + $pi * $sr + 2 * $cr * $ci];
        [$mr, $mi] = [$sr - $own * $cr, $si - $own * $ci];
        [$qr, $qi] = [-$a * ($own * $pi + $ci), $a * ($own * $pr + $cr)];
        $forward = ($mr - $qr) ** 2 + ($mi - $qi) ** 2;
        $backward = ($mr + $qr) ** 2 + ($mi + $qi) ** 2;

        return $v / ($dr * $dr + $di * $di) * ($forward * $fr - $backward * $br);
    }

    /**
     * Zf and Zb, each ½·jXm ∥ (q + jX₂) with q = R₂/s or R₂/(2 − s): ½Xm²q/D and ½Xm(q² + X₂(X₂ + Xm))/D, D = q² + (X₂ + Xm)².
     *
     * @return array{float, float, float, float}
     */
    private function halves(float $slip): array
    {
        $m = $this->magnetizing;
        $x = $this->rotorLeakage;
        $sum = $x + $m;
        $f = $this->rotorOhms / $slip;
        $b = $this->rotorOhms / (2 - $slip);
        $df = 2 * ($f * $f + $sum * $sum);
        $db = 2 * ($b * $b + $sum * $sum);

        return [$m * $m * $f / $df, $m * ($f * $f + $x * $sum) / $df, $m * $m * $b / $db, $m * ($b * $b + $x * $sum) / $db];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\PlateContradiction;

/**
 * A three-wire induction motor by symmetrical components: one equivalent circuit, seen at slip s by the positive-sequence
 * voltage and at 2 − s by the negative-sequence one (Fitzgerald, Kingsley, Umans, "Electric Machinery", chapter on polyphase
 * induction machines; Wagner and Evans, "Symmetrical Components"; both from memory).
 *
 *     Z(s) = R₁ + jX₁ + jXm ∥ (R₂/s + jX₂)
 *     Y₁ = 1/Z(s),  Y₂ = 1/Z(2 − s),  Y₀ = 0
 *     T ∝ |I₂₁|²·R₂/s − |I₂₂|²·R₂/(2 − s)
 *
 * A lost phase, unbalanced supply and the leg a running motor regenerates all follow from this and nothing else.
 */
final readonly class ThreePhaseMotor
{
    private function __construct(
        private float $statorOhms,
        private float $statorLeakage,
        private float $rotorOhms,
        private float $rotorLeakage,
        private float $magnetizing,
        public float $slip,
        private float $ratedTorque,
    ) {
    }

    /**
     * Finds R₂, leakage and Xm so that the motor draws FLA at the plate's power factor and slip, and LRA at standstill.
     *
     * For a leakage X split evenly, W = Z(s) − R₁ − jX₁ is jXm ∥ (q + jX₂) with q = R₂/s, so Re(1/W) gives q and Im(1/W)
     * gives Xm; X follows by bisection from |Z(1)| = V/(√3·LRA).
     *
     * @param  float  $volts  line to line, rated
     * @param  float  $ohms  winding, line to line, cold
     * @param  float  $slip  at full load
     *
     * @throws PlateContradiction when no such motor exists
     */
    public static function fromPlate(float $volts, float $fla, float $lra, float $powerFactor, float $ohms, float $slip): self
    {
        $phase = $volts / sqrt(3);
        $stator = $ohms / 2;
        $loaded = (new Complex($powerFactor, sqrt(1 - $powerFactor ** 2)))->scaled($phase / $fla);
        $make = static function (float $x) use ($loaded, $stator, $slip): ?self {
            $inner = $loaded->minus(new Complex($stator, $x / 2));
            if ($inner->re <= 0 || $inner->im <= 0) {
                return null;
            }
            $y = $inner->inverse();
            $root = 1 - (2 * $y->re * $x / 2) ** 2;
            if ($root <= 0) {
                return null;
            }
            $q = (1 + sqrt($root)) / (2 * $y->re);
            $b = $y->im + ($x / 2) / ($q ** 2 + ($x / 2) ** 2);

            return $b >= 0 ? null : new self($stator, $x / 2, $q * $slip, $x / 2, -1 / $b, $slip, 1.0);
        };
        $wanted = $phase / $lra;
        $low = 0.0;
        $high = 2 * $wanted;
        while ($high > 1e-9 && $make($high) === null) {
            $high *= 0.95;
        }
        $least = $make(1e-9);
        $most = $make($high);
        if ($least === null || $most === null || $least->impedance(1.0)->abs() > $wanted || $most->impedance(1.0)->abs() < $wanted) {
            throw PlateContradiction::threePhase($volts, $fla, $powerFactor, $lra, $ohms);
        }
        for ($i = 0; $i < 80; $i++) {
            $middle = ($low + $high) / 2;
            $motor = $make(max($middle, 1e-9));
            $motor !== null && $motor->impedance(1.0)->abs() < $wanted ? $low = $middle : $high = $middle;
        }
        $motor = $make(max($low, 1e-9)) ?? throw new \LogicException('The bisection left the range it started from.');

        return self::ofCircuit(
            $motor->statorOhms, $motor->statorLeakage, $motor->rotorOhms, $motor->rotorLeakage, $motor->magnetizing, $slip, $phase,
        );
    }

    /**
     * A machine given by its equivalent circuit, ohms a phase, as textbooks give it.
     *
     * @param  float  $phase  volts to its star point at which it has its rated torque, at the slip
     */
    public static function ofCircuit(
        float $statorOhms,
        float $statorLeakage,
        float $rotorOhms,
        float $rotorLeakage,
        float $magnetizing,
        float $slip,
        float $phase,
    ): self {
        $motor = new self($statorOhms, $statorLeakage, $rotorOhms, $rotorLeakage, $magnetizing, $slip, 1.0);

        return new self(
            $statorOhms, $statorLeakage, $rotorOhms, $rotorLeakage, $magnetizing, $slip, $motor->torque($phase, 0.0, $slip),
        );
    }

    /** What a phase has to a voltage that all three have in common, and between its halves: its ohms and leakage. */
    public function statorImpedance(): Complex
    {
        return new Complex($this->statorOhms, $this->statorLeakage);
    }

    /** Impedance of one phase to a sequence voltage at a slip, ohms. */
    public function impedance(float $slip): Complex
    {
        [$re, $im] = $this->field($slip);

        return new Complex($this->statorOhms + $re, $this->statorLeakage + $im);
    }

    /**
     * The two-port between lead 3 and leads 1 and 2: y11, y12, y21, y22 of I₁, I₂ against V₁₃, V₂₃.
     *
     * @return list<float> as Element::coupled() asks
     */
    public static function admittances(Complex $y1, Complex $y2): array
    {
        $a = new Complex(-0.5, sqrt(3) / 2);
        $a2 = new Complex(-0.5, -sqrt(3) / 2);
        $own = $y1->plus($y2)->scaled(1 / 3);
        $forward = $a->times($y1)->plus($a2->times($y2))->scaled(1 / 3);
        $backward = $a2->times($y1)->plus($a->times($y2))->scaled(1 / 3);

        return [$own->re, $own->im, $forward->re, $forward->im, $backward->re, $backward->im, $own->re, $own->im];
    }

    /**
     * The sequence voltages of three leads, volts to the motor's star point.
     *
     * @return array{Complex, Complex} positive and negative
     */
    public static function sequences(Complex $v13, Complex $v23): array
    {
        [$re, $im] = [$v13->re - $v23->re / 2, $v13->im - $v23->im / 2];
        [$turnedRe, $turnedIm] = [M_SQRT3 / 2 * $v23->im, M_SQRT3 / 2 * $v23->re];

        return [
            new Complex(($re - $turnedRe) / 3, ($im + $turnedIm) / 3),
            new Complex(($re + $turnedRe) / 3, ($im - $turnedIm) / 3),
        ];
    }

    /** Air-gap torque as a fraction of that at plate conditions; positive in the direction of the positive sequence. */
    public function relativeTorque(float $positive, float $negative, float $slip): float
    {
        return $this->torque($positive, $negative, $slip) / $this->ratedTorque;
    }

    private function torque(float $positive, float $negative, float $slip): float
    {
        [$fr, $fi] = $this->field($slip);
        [$br, $bi] = $this->field(2 - $slip);
        $forward = ($this->statorOhms + $fr) ** 2 + ($this->statorLeakage + $fi) ** 2;
        $backward = ($this->statorOhms + $br) ** 2 + ($this->statorLeakage + $bi) ** 2;

        return $positive ** 2 * $fr / $forward - $negative ** 2 * $br / $backward;
    }

    /**
     * jXm ∥ (R₂/s + jX₂), written out: Xm²q/D and Xm(q² + X₂(X₂ + Xm))/D with q = R₂/s, D = q² + (X₂ + Xm)².
     *
     * @return array{float, float}
     */
    private function field(float $slip): array
    {
        $q = $this->rotorOhms / $slip;
        $sum = $this->rotorLeakage + $this->magnetizing;
        $d = $q * $q + $sum * $sum;

        return [$this->magnetizing ** 2 * $q / $d, $this->magnetizing * ($q * $q + $this->rotorLeakage * $sum) / $d];
    }
}

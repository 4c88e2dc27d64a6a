<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;

/**
 * Windings of a machine that act on each other: the current of each by the voltages on all, siemens.
 *
 * Three equal ones follow from their sequence admittances: with a = 1∠120°, y₀ = Σ, c₀ = (y₀ + y₁ + y₂)/3,
 * c₁ = (y₀ + a·y₁ + a²·y₂)/3, c₂ = (y₀ + a²·y₁ + a·y₂)/3 (Wagner and Evans, "Symmetrical Components"; from memory).
 */
final readonly class Windings
{
    /** @param  non-empty-list<non-empty-list<Complex>>  $admittances */
    private function __construct(public array $admittances)
    {
    }

    public static function three(Complex $zero, Complex $positive, Complex $negative): self
    {
        [$a, $a2] = self::turns();
        $sum = static fn (Complex $p, Complex $n): Complex => $zero->plus($p->times($positive))->plus($n->times($negative))->scaled(1 / 3);
        $one = new Complex(1);
        [$own, $next, $last] = [$sum($one, $one), $sum($a, $a2), $sum($a2, $a)];

        return new self([[$own, $next, $last], [$last, $own, $next], [$next, $last, $own]]);
    }

    /**
     * Three phases wound in halves, the outer ones first: in series they are the phases; against each other they have no field,
     * and only the ohms and leakage of a phase between them.
     *
     * @param  Complex  $leakage  of a whole phase, ohms
     */
    public static function halves(self $phases, Complex $leakage): self
    {
        $between = $leakage->inverse();
        $all = [];
        for ($i = 0; $i < 6; $i++) {
            $row = [];
            for ($j = 0; $j < 6; $j++) {
                $own = $i % 3 !== $j % 3 ? new Complex(0) : $between->scaled($i === $j ? 1.0 : -1.0);
                $row[] = $phases->admittances[$i % 3][$j % 3]->plus($own);
            }
            $all[] = $row;
        }

        return new self($all);
    }

    /** One of them open: it carries nothing, and whatever the others induce stands over it. */
    public function without(int $open): self
    {
        $y = $this->admittances;
        $own = $y[$open][$open]->inverse();
        $left = [];
        foreach ($y as $i => $row) {
            $left[] = array_map(
                static fn (Complex $entry, int $j): Complex => $i === $open || $j === $open
                    ? new Complex(0)
                    : $entry->minus($y[$i][$open]->times($own)->times($y[$open][$j])),
                $row,
                array_keys($row),
            );
        }

        return new self($left);
    }

    /**
     * The voltage over each, an open one's as the others induce it.
     *
     * @param  non-empty-list<Complex>  $volts  on each that is fed
     * @return non-empty-list<Complex>
     */
    public function induced(array $volts, int $open): array
    {
        $row = $this->admittances[$open];
        $sum = new Complex(0);
        foreach ($volts as $j => $v) {
            $sum = $j === $open ? $sum : $sum->plus($row[$j]->times($v));
        }
        $over = $sum->over($row[$open])->scaled(-1);

        return array_map(static fn (Complex $v, int $j): Complex => $j === $open ? $over : $v, $volts, array_keys($volts));
    }

    /**
     * @param  non-empty-list<Complex>  $volts
     * @return non-empty-list<Complex> amperes in each
     */
    public function currents(array $volts): array
    {
        return array_map(static function (array $row) use ($volts): Complex {
            $sum = new Complex(0);
            foreach ($row as $j => $y) {
                $sum = $sum->plus($y->times($volts[$j]));
            }

            return $sum;
        }, $this->admittances);
    }

    /**
     * Positive and negative sequence of three phasors, their magnitudes.
     *
     * @return array{float, float}
     */
    public static function sequences(Complex $one, Complex $two, Complex $three): array
    {
        [$a, $a2] = self::turns();

        return [
            $one->plus($a->times($two))->plus($a2->times($three))->abs() / 3,
            $one->plus($a2->times($two))->plus($a->times($three))->abs() / 3,
        ];
    }

    /** @return array{Complex, Complex} 1∠120° and 1∠240° */
    private static function turns(): array
    {
        return [new Complex(-0.5, sqrt(3) / 2), new Complex(-0.5, -sqrt(3) / 2)];
    }
}

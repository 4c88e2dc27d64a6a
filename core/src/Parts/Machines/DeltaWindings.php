<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;

/** Three windings T1–T2, T2–T3, T3–T1, one of them open or none, as the two-port between lead 3 and leads 1 and 2. */
final readonly class DeltaWindings
{
    private Windings $fed;

    /** @param  int|null  $open  0 for T1–T2, 1 for T2–T3, 2 for T3–T1 */
    public function __construct(private Windings $windings, private ?int $open)
    {
        $this->fed = $open === null ? $windings : $windings->without($open);
    }

    /** @return list<float> as Element::coupled() asks */
    public function admittances(): array
    {
        $values = [];
        foreach ([[1.0, 0.0], [0.0, 1.0]] as [$v13, $v23]) {
            [$a, $b, $c] = $this->fed->currents([new Complex($v13 - $v23), new Complex($v23), new Complex(-$v13)]);
            $values[] = [$a->minus($c), $b->minus($a)];
        }
        [[$y11, $y21], [$y12, $y22]] = $values;

        return [$y11->re, $y11->im, $y12->re, $y12->im, $y21->re, $y21->im, $y22->re, $y22->im];
    }

    /**
     * The sequence voltages of the star that would act alike, volts to its star point.
     *
     * @return array{float, float} positive and negative
     */
    public function sequences(Complex $v13, Complex $v23): array
    {
        $volts = [$v13->minus($v23), $v23, $v13->scaled(-1)];
        $over = $this->open === null ? $volts : $this->windings->induced($volts, $this->open);
        [$positive, $negative] = Windings::sequences(...$over);

        return [$positive / sqrt(3), $negative / sqrt(3)];
    }
}

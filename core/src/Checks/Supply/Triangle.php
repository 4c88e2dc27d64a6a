<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Supply;

use Levin\Core\Checks\Bench\Phasor;

/**
 * Three voltages between three legs as the triangle that they make: each leg from the middle of it.
 *
 * The law of cosines has the corners; that middle is where three equal loads in wye have their neutral.
 */
final readonly class Triangle
{
    /** L1 is drawn to the top, degrees. */
    private const UP = 90.0;

    public function __construct(private float $l1l2, private float $l2l3, private float $l1l3)
    {
    }

    /**
     * @param  string|null  $odd  the leg that is wrong
     * @return list<Phasor> none where there are no volts, or where they make no triangle
     */
    public function phasors(?string $odd): array
    {
        [$a, $b, $c] = [$this->l1l2, $this->l2l3, $this->l1l3];
        if ($a <= 0.0 || $c <= 0.0) {
            return [];
        }
        // L1 in the origin, L2 to the right of it
        $x = ($a ** 2 + $c ** 2 - $b ** 2) / (2 * $a);
        $y = sqrt(max(0.0, $c ** 2 - $x ** 2));
        $corners = ['L1' => [0.0, 0.0], 'L2' => [$a, 0.0], 'L3' => [$x, $y]];
        [$mx, $my] = [($a + $x) / 3, $y / 3];
        $first = rad2deg(atan2(-$my, -$mx));
        $phasors = [];
        foreach ($corners as $leg => [$cx, $cy]) {
            $turned = rad2deg(atan2($cy - $my, $cx - $mx)) - $first;
            // L1, L2, L3 one after another with the clock
            $phasors[] = new Phasor($leg, hypot($cx - $mx, $cy - $my), self::UP - fmod($turned + 360.0, 360.0), $leg === $odd);
        }

        return $phasors;
    }
}

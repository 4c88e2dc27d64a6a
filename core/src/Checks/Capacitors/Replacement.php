<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Units\Dimension;

/** What on the truck has the microfarads of one that is bad: one, or two in parallel, whose capacitances add [physics]. */
final class Replacement
{
    /**
     * @param  list<float>  $truck  farads
     * @return string a sentence
     */
    public static function of(float $marked, array $truck, Tolerance $tolerance): string
    {
        $fits = static fn (float $farads): bool => $farads >= $tolerance->lowest($marked) && $farads <= $tolerance->highest($marked);
        $unit = Dimension::Capacitance->usual();
        $choices = array_map(static fn (float $one): array => [$one, 0.0], $truck);
        foreach ($truck as $n => $one) {
            foreach (array_slice($truck, $n + 1) as $other) {
                $choices[] = [$one, $other];
            }
        }
        $best = null;
        foreach ($choices as [$one, $other]) {
            $off = abs($one + $other - $marked);
            if ($fits($one + $other) && ($best === null || $off < $best[0] - 1e-12)) {
                $best = [$off, $one, $other];
            }
        }

        return match (true) {
            $best === null => 'Nothing on the truck has its microfarads, alone or two in parallel.',
            $best[2] === 0.0 => "On the truck: {$unit->show($best[1])}, at the same voltage or more.",
            default => "On the truck: {$unit->show($best[1])} and {$unit->show($best[2])} in parallel, each at the same voltage or more.",
        };
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

/** A load on other volts than its plate says: a 24 V coil on 240 V, a 480 V motor on 208 V. */
final class WrongVolts extends Slip
{
    /** Plate values that say it. */
    private const RATED = ['coil_volts', 'volts', 'primary_volts', 'heater_volts'];

    /** Shares of the rated volts: 208 V on a 240 V plate is within them. [practice, no published source] */
    private const MOST = 1.25;

    private const LEAST = 0.75;

    /** Below this share it is not fed at all, or by what leaks. */
    private const NOTHING = 0.1;

    /** Kinds that are made for volts that are not on their plate, or for two. */
    private const OTHERWISE = ['relay-potential', 'motor-nine-lead', 'relay-impedance'];

    #[\Override]
    public function in(Drawn $drawn): array
    {
        $wrong = [];
        foreach ($drawn->loads() as $id => [$a, $b]) {
            $rated = $this->rated($drawn, $id, $a, $b);
            $most = 0.0;
            foreach ($rated === null ? [] : $drawn->settled() as $settled) {
                $most = max($most, $settled->between($a, $b)->abs());
            }
            if ($rated !== null && ($most > self::MOST * $rated || ($most > self::NOTHING * $rated && $most < self::LEAST * $rated))) {
                $what = sprintf('It is made for %g V and gets %.0f V.', $rated, $most);
                $wrong[] = Wrong::with($drawn, $id, $what, "Correct its plate, or land $a or $b elsewhere.");
            }
        }

        return $wrong;
    }

    private function rated(Drawn $drawn, string $id, string ...$ends): ?float
    {
        $part = $drawn->kind($id)->part;
        // a tap has a value of its own
        $taps = array_map(static fn (string $end): string => strtolower($part->terminalOf($end)).'_volts', array_reverse($ends));
        foreach (in_array($part->kind, self::OTHERWISE, true) ? [] : [...$taps, ...self::RATED] as $name) {
            if (is_numeric($part->plate[$name] ?? null)) {
                return $part->number($name);
            }
        }

        return null;
    }
}

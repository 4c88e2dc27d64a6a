<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * What every variant of every suspect predicts under one set of conditions, in plain arrays that can be kept between requests.
 *
 * Variant 0 is the healthy unit. Volts between two points are a subtraction; only between two islands that nothing but stray
 * capacitance joins does the meter's own loading count, and there each island's impedance to earth is at hand.
 */
final readonly class Outlook
{
    /** A flame rod is fed through two megohms; sixty picofarads at 60 Hz are forty. */
    private const STRAY_OHMS = 5e6;

    /**
     * @param  list<array<int, float>>  $re  node voltages by variant
     * @param  list<array<int, float>>  $im
     * @param  list<list<int>>  $islands  island of each node by variant; 0 is the one earth is in
     * @param  list<array<int, array{float, float}>>  $impedances  of each floating island to earth, by variant
     * @param  non-empty-list<array<string, string>>  $observed  by variant, what is seen of each part
     * @param  list<array<string, string>>  $states  by variant
     */
    public function __construct(
        public array $re,
        public array $im,
        public array $islands,
        public array $impedances,
        public array $observed,
        public array $states,
    ) {
    }

    /** Whether what is between two nodes is there by stray capacitance only: through more ohms than anything that is meant to be there. */
    public function isGhost(int $variant, int $a, int $b): bool
    {
        return $this->ohmsApart($variant, $a) + $this->ohmsApart($variant, $b) > self::STRAY_OHMS;
    }

    /** From a node to what is fed, ohms. */
    private function ohmsApart(int $variant, int $node): float
    {
        $z = $this->impedances[$variant][$node < 0 ? 0 : $this->islands[$variant][$node]] ?? [0.0, 0.0];

        return hypot(...$z);
    }

    /**
     * Volts between two nodes for many at once, with nothing in the place of a ghost: what it shows cannot be counted on.
     *
     * @param  list<int>  $variants
     * @return array<int, float> by variant
     */
    public function countedOn(array $variants, int $a, int $b, float $inputOhms): array
    {
        $volts = [];
        foreach ($variants as $v) {
            $islands = $this->islands[$v];
            if (($a >= 0 && $islands[$a] !== 0) || ($b >= 0 && $islands[$b] !== 0)) {
                $volts[$v] = $this->isGhost($v, $a, $b) ? 0.0 : $this->volts($v, $a, $b, $inputOhms);

                continue;
            }
            $re = $this->re[$v];
            $im = $this->im[$v];
            $dr = ($a < 0 ? 0.0 : $re[$a]) - ($b < 0 ? 0.0 : $re[$b]);
            $di = ($a < 0 ? 0.0 : $im[$a]) - ($b < 0 ? 0.0 : $im[$b]);
            $volts[$v] = sqrt($dr * $dr + $di * $di);
        }

        return $volts;
    }

    /** Volts a 10 MΩ meter shows between two nodes; −1 is earth. */
    public function volts(int $variant, int $a, int $b, float $inputOhms): float
    {
        $re = $this->re[$variant];
        $im = $this->im[$variant];
        $dr = ($a < 0 ? 0.0 : $re[$a]) - ($b < 0 ? 0.0 : $re[$b]);
        $di = ($a < 0 ? 0.0 : $im[$a]) - ($b < 0 ? 0.0 : $im[$b]);
        $volts = sqrt($dr * $dr + $di * $di);
        $ia = $a < 0 ? 0 : $this->islands[$variant][$a];
        $ib = $b < 0 ? 0 : $this->islands[$variant][$b];
        if ($ia === $ib) {
            return $volts;
        }
        [$ar, $ai] = $this->impedances[$variant][$ia] ?? [0.0, 0.0];
        [$br, $bi] = $this->impedances[$variant][$ib] ?? [0.0, 0.0];

        return $volts * $inputOhms / hypot($inputOhms + $ar + $br, $ai + $bi);
    }
}

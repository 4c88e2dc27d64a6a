<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * How a unit stands for a while, in plain arrays that can be kept between requests.
 *
 * Volts between two points are a subtraction; only between two islands that nothing but stray capacitance joins does the meter's own
 * loading count, and there each island's impedance to earth is at hand.
 */
final readonly class Scene
{
    /** A flame rod is fed through two megohms; sixty picofarads at 60 Hz are forty. */
    private const STRAY_OHMS = 5e6;

    /**
     * @param  array<int, float>  $re  node voltages
     * @param  array<int, float>  $im
     * @param  list<int>  $islands  island of each node; 0 is the one earth is in
     * @param  array<int, array{float, float}>  $impedances  of each floating island to earth
     * @param  array<string, string>  $observed  what is seen of each part
     * @param  array<string, string>  $states
     * @param  string  $posture  the same where every part is seen and stands alike, whatever the speeds
     */
    public function __construct(
        public array $re,
        public array $im,
        public array $islands,
        public array $impedances,
        public array $observed,
        public array $states,
        public string $posture,
    ) {
    }

    /** Whether what is between two nodes is there by stray capacitance only: through more ohms than anything that is meant to be there. */
    public function isGhost(int $a, int $b): bool
    {
        return $this->ohmsApart($a) + $this->ohmsApart($b) > self::STRAY_OHMS;
    }

    /** Volts a meter with so many ohms of input shows between two nodes; −1 is earth. */
    public function volts(int $a, int $b, float $inputOhms): float
    {
        $dr = ($a < 0 ? 0.0 : $this->re[$a]) - ($b < 0 ? 0.0 : $this->re[$b]);
        $di = ($a < 0 ? 0.0 : $this->im[$a]) - ($b < 0 ? 0.0 : $this->im[$b]);
        $volts = sqrt($dr * $dr + $di * $di);
        $ia = $a < 0 ? 0 : $this->islands[$a];
        $ib = $b < 0 ? 0 : $this->islands[$b];
        if ($ia === $ib) {
            return $volts;
        }
        [$ar, $ai] = $this->impedances[$ia] ?? [0.0, 0.0];
        [$br, $bi] = $this->impedances[$ib] ?? [0.0, 0.0];

        return $volts * $inputOhms / hypot($inputOhms + $ar + $br, $ai + $bi);
    }

    /** From a node to what is fed, ohms. */
    private function ohmsApart(int $node): float
    {
        return hypot(...($this->impedances[$node < 0 ? 0 : $this->islands[$node]] ?? [0.0, 0.0]));
    }
}

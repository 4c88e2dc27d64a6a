<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * How a unit stands for a while, packed to be kept between requests: there are thousands of them.
 *
 * Volts between two points are a subtraction; only between two islands that nothing but stray capacitance joins does the meter's own
 * loading count, and there each island's impedance to earth is at hand.
 */
final readonly class Scene
{
    /** Bytes of one node: two floats of single precision, which is a hundredth of a millivolt at 480 V. */
    private const BYTES = 8;

    private string $nodes;

    /**
     * @param  list<float>  $re  node voltages
     * @param  list<float>  $im
     */
    public function __construct(array $re, array $im, private Islands $islands, public Posture $posture)
    {
        $pairs = [];
        foreach ($re as $node => $volts) {
            array_push($pairs, $volts, $im[$node]);
        }
        $this->nodes = pack('g*', ...$pairs);
    }

    /** Whether what is between two nodes is there by stray capacitance only. */
    public function isGhost(int $a, int $b): bool
    {
        return $this->islands->isGhost($a, $b);
    }

    /** Volts a meter with so many ohms of input shows between two nodes; −1 is earth. */
    public function volts(int $a, int $b, float $inputOhms): float
    {
        [$ar, $ai] = $this->at($a);
        [$br, $bi] = $this->at($b);

        return sqrt(($ar - $br) ** 2 + ($ai - $bi) ** 2) * $this->islands->left($a, $b, $inputOhms);
    }

    /** Volts of a node against earth. */
    public function toEarth(int $node): float
    {
        return hypot(...$this->at($node));
    }

    /** @return array{float, float} */
    private function at(int $node): array
    {
        if ($node < 0) {
            return [0.0, 0.0];
        }
        /** @var array{1: float, 2: float} $volts */
        $volts = unpack('g2', $this->nodes, self::BYTES * $node);

        return [$volts[1], $volts[2]];
    }
}

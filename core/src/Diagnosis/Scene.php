<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Network\Complex;

/**
 * How a unit stands for a while, packed to be kept between requests: there are thousands of them.
 *
 * Volts between two points are a subtraction; only between two islands that nothing but stray capacitance joins does the meter's own
 * loading count, and there each island's impedance to earth is at hand.
 */
final readonly class Scene
{
    /** Bytes of one node, or one wire: two floats. */
    private const BYTES = 16;

    private string $nodes;

    private string $wires;

    /**
     * @param  list<float>  $re  node voltages
     * @param  list<float>  $im
     * @param  list<Complex>  $currents  amperes of each wire, in the circuit's order
     * @param  array<string, float>  $numbers  quantities by name, each in its unit
     */
    public function __construct(
        array $re,
        array $im,
        array $currents,
        private Islands $islands,
        public Posture $posture,
        public array $numbers,
    ) {
        $pairs = $amperes = [];
        foreach ($re as $node => $volts) {
            array_push($pairs, $volts, $im[$node]);
        }
        foreach ($currents as $current) {
            array_push($amperes, $current->re, $current->im);
        }
        $this->nodes = pack('e*', ...$pairs);
        $this->wires = pack('e*', ...$amperes);
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

    /**
     * Amperes through the jaw of a clamp.
     *
     * @param  list<array{int, float}>  $wires  numbers in the circuit's order, each with 1, or −1 against its direction
     */
    public function amps(array $wires): float
    {
        $re = $im = 0.0;
        foreach ($wires as [$wire, $sign]) {
            /** @var array{1: float, 2: float} $current */
            $current = unpack('e2', $this->wires, self::BYTES * $wire);
            $re += $sign * $current[1];
            $im += $sign * $current[2];
        }

        return hypot($re, $im);
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
        $volts = unpack('e2', $this->nodes, self::BYTES * $node);

        return [$volts[1], $volts[2]];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Wire;
use Levin\Core\Network\Branch;

/**
 * The capacitance that every conductor has without being meant to, so that none floats without one.
 *
 * To earth: 30 pF for each metre of wire, half at each end, and 2 pF for a terminal (order of magnitude for single conductors
 * beside grounded metal). Between two conductors of one cable or harness: 50 pF a metre, ordinary for thermostat cable, half at
 * either end. In a d.c. solve a terminal leaks through 1 TΩ instead. [practice, no published source]
 */
final class Strays
{
    private const PER_METRE = 30e-12;

    private const TERMINAL = 2e-12;

    private const COUPLING_PER_METRE = 50e-12;

    private const LEAK_SIEMENS = 1e-12;

    /** @var list<Branch> */
    public array $branches = [];

    /** @var list<float> farads of each branch */
    private array $farads = [];

    /** Branches before this one join neighbours, the others earth. */
    private int $earthed = 0;

    /** @param  int  $first  number of the first branch */
    public function __construct(Circuit $circuit, Nodes $nodes, private readonly int $first)
    {
        $toEarth = [];
        foreach ($circuit->wires as $wire) {
            foreach ([$wire->from, $wire->to] as $end) {
                $node = $nodes->at($end);
                $toEarth[$node] = ($toEarth[$node] ?? self::TERMINAL) + self::PER_METRE * $wire->length / 2;
            }
        }
        foreach (self::neighbours($circuit) as [$a, $b, $farads]) {
            [$p, $q] = [$nodes->at($a), $nodes->at($b)];
            if ($p !== $q) {
                $this->add($p, $q, $farads);
            }
        }
        $this->earthed = count($this->branches);
        foreach ($nodes->all() as $node) {
            if ($node >= 0) {
                $this->add($node, -1, $toEarth[$node] ?? self::TERMINAL);
            }
        }
    }

    /** @return array<int, list<float>> [G, B] in siemens by branch */
    public function values(float $omega): array
    {
        $values = [];
        foreach ($this->farads as $n => $farads) {
            $values[$this->first + $n] = $omega != 0.0 ? [0.0, $omega * $farads] : [$n < $this->earthed ? 0.0 : self::LEAK_SIEMENS, 0.0];
        }

        return $values;
    }

    private function add(int $a, int $b, float $farads): void
    {
        $this->branches[] = new Branch([$a, $b]);
        $this->farads[] = $farads;
    }

    /** @return list<array{string, string, float}> ends of conductors that run beside each other, and the farads between them */
    private static function neighbours(Circuit $circuit): array
    {
        /** @var array<string, list<Wire>> $bundles */
        $bundles = [];
        $pairs = [];
        foreach ($circuit->wires as $wire) {
            if ($wire->bundle === '') {
                continue;
            }
            foreach ($bundles[$wire->bundle] ?? [] as $other) {
                $farads = self::COUPLING_PER_METRE * min($wire->length, $other->length) / 2;
                array_push($pairs, [$other->from, $wire->from, $farads], [$other->to, $wire->to, $farads]);
            }
            $bundles[$wire->bundle][] = $wire;
        }

        return $pairs;
    }
}

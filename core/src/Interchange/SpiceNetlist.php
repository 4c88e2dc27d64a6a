<?php

declare(strict_types=1);

namespace Levin\Core\Interchange;

use Levin\Core\Operation\Settled;
use Levin\Core\Parts\Shape;

/**
 * A settled circuit as a SPICE netlist for one a.c. analysis at line frequency.
 *
 * Every element is exported from its stamp as a conductance beside a capacitor or inductor, every coupled pair as
 * controlled sources; nothing is taken from Levin's own solution, so a simulator that solves it checks that solution.
 * Node `nK` is Levin's node K; the header lists which point each is. Angular frequency in the file is exact to 17 digits.
 */
final class SpiceNetlist
{
    /** Stands for an open circuit where a card must be there to be altered, ohms. */
    private const ABSENT = 1e18;

    /** @var array<string, array{nodes: string, value: string}> by card name */
    private array $cards = [];

    /** @param  bool  $complete also write the cards of elements that are worth nothing now, so that `alter` finds them */
    private function __construct(private readonly Settled $settled, private readonly bool $complete)
    {
    }

    /**
     * Card values by name, for a simulator's `alter`; the same names whatever the fault.
     *
     * @return array<string, array{nodes: string, value: string}>
     */
    public static function cards(Settled $settled): array
    {
        $export = new self($settled, true);
        $export->collect();

        return $export->cards;
    }

    public static function of(Settled $settled): string
    {
        $export = new self($settled, false);
        $export->collect();
        $model = $settled->model;
        $head = ['* '.$model->circuit->id.($settled->faults->isEmpty() ? '' : ' with '.implode(', ', $settled->faults->ids()))];
        foreach ($model->nodes->all() as $point => $node) {
            $head[] = sprintf('* point %s is node %s', $point, self::node($node));
        }
        $hertz = self::number($model->circuit->frequency);

        $lines = array_map(
            static fn (string $name, array $card): string => "$name {$card['nodes']} {$card['value']}",
            array_keys($export->cards),
            $export->cards,
        );

        // linear throughout, so no operating point is wanted: nodes that only capacitors hold have none
        return implode("\n", [...$head, ...$lines, '.options noopac', ".ac lin 1 $hertz $hertz", '.end', '']);
    }

    public static function node(int $node): string
    {
        return $node < 0 ? '0' : "n$node";
    }

    private function collect(): void
    {
        $settled = $this->settled;
        $model = $settled->model;
        foreach (array_keys($model->components) as $id) {
            $elements = $model->elements($id, $settled->states[$id] ?? '', $settled->faults->in($id), $settled->conditions, $model->omega);
            foreach ($elements as $branch => $element) {
                $nodes = $model->topology->branches[$branch]->nodes;
                match ($element->shape) {
                    Shape::Admittance => $this->admittance("b$branch", $nodes[0], $nodes[1], $element->values[0], $element->values[1]),
                    Shape::Source => $this->source("b$branch", $nodes[0], $nodes[1], $element->values),
                    Shape::Coupled => $this->coupled("b$branch", $nodes, $element->values),
                };
            }
        }
        foreach ($model->strays($model->omega) as $branch => $values) {
            $nodes = $model->topology->branches[$branch]->nodes;
            $this->admittance("b$branch", $nodes[0], $nodes[1], $values[0], $values[1]);
        }
    }

    private function admittance(string $name, int $a, int $b, float $g, float $susceptance): void
    {
        $omega = $this->settled->model->omega;
        [$p, $q] = [self::node($a), self::node($b)];
        if ($p === $q) {
            return;
        }
        $this->card("R$name", "$p $q", $g != 0.0 ? 1 / $g : self::ABSENT, $g != 0.0);
        if ($this->complete || $susceptance > 0.0) {
            // a negative capacitance is an inductance at one frequency, and one card serves both signs
            $this->card("C$name", "$p $q", $susceptance / $omega, true);
        } elseif ($susceptance < 0.0) {
            $this->card("L$name", "$p $q", -1 / ($susceptance * $omega), true);
        }
    }

    /** @param  list<float>  $values G, B, Jre, Jim */
    private function source(string $name, int $a, int $b, array $values): void
    {
        $this->admittance($name, $a, $b, $values[0], $values[1]);
        if ($values[2] != 0.0 || $values[3] != 0.0) {
            // SPICE drives a current source's current from its first node through itself to its second
            $this->cards["I$name"] = [
                'nodes' => self::node($b).' '.self::node($a).' DC 0 AC',
                'value' => self::number(hypot($values[2], $values[3])).' '.self::number(rad2deg(atan2($values[3], $values[2]))),
            ];
        }
    }

    /**
     * @param  list<int>  $nodes
     * @param  list<float>  $values
     */
    private function coupled(string $name, array $nodes, array $values): void
    {
        [$a, $b, $c, $d] = $nodes;
        $this->admittance($name.'p', $a, $b, $values[0], $values[1]);
        $this->transfer($name.'q', $a, $b, $c, $d, $values[2], $values[3]);
        $this->transfer($name.'r', $c, $d, $a, $b, $values[4], $values[5]);
        $this->admittance($name.'s', $c, $d, $values[6], $values[7]);
    }

    /** A current from a to b of (g + jx) times the voltage c–d: g by a controlled source, x by way of a 1 S capacitor. */
    private function transfer(string $name, int $a, int $b, int $c, int $d, float $g, float $x): void
    {
        [$p, $q, $r, $s] = array_map(self::node(...), [$a, $b, $c, $d]);
        $this->card("G$name", "$p $q $r $s", $g, $g != 0.0);
        $this->card("E$name", "x$name 0 $r $s", 1.0, $x != 0.0);
        $this->card("V$name", "x$name y$name DC", 0.0, $x != 0.0);
        $this->card("C$name", "y$name 0", 1 / $this->settled->model->omega, $x != 0.0);
        $this->card("F$name", "$p $q V$name", $x, $x != 0.0);
    }

    private function card(string $name, string $nodes, float $value, bool $worth): void
    {
        if ($worth || $this->complete) {
            $this->cards[$name] = ['nodes' => $nodes, 'value' => self::number($value)];
        }
    }

    private static function number(float $value): string
    {
        return sprintf('%.17g', $value);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Circuit\Wire;
use Levin\Core\Network\Branch;
use Levin\Core\Network\Topology;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Fault;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Shape;
use Levin\Core\Parts\Values;

/**
 * A circuit made ready to compute: its parts' behaviour, its nodes by number, its network's structure.
 *
 * Every point and every inside node also has a little capacitance to earth, so that no conductor floats without one:
 * 30 pF for each metre of wire, half at each end, and 2 pF for a terminal (order of magnitude for single conductors beside
 * grounded metal; practice, no published source). In a d.c. solve a terminal leaks through 1 TΩ instead.
 */
final class Model
{
    private const STRAY_PER_METRE = 30e-12;

    private const STRAY_TERMINAL = 2e-12;

    /** Between two conductors of one cable or harness. 50 pF a metre is ordinary for thermostat cable. [practice, no published source] */
    private const COUPLING_PER_METRE = 50e-12;

    private const LEAK_SIEMENS = 1e-12;

    /** Rarer failure modes are not suspects of their own. */
    private const SUSPECTED = 0.1;

    /** A loose joint, usual amount, ohms. [practice, no published source] */
    private const LOOSE_OHMS = 20.0;

    /** @var array<string, Component> by part id */
    public readonly array $components;

    /** @var array<string, int> node number by point; −1 is earth */
    public readonly array $nodes;

    public readonly Topology $topology;

    /** @var array<string, Fault> by fault id */
    public readonly array $faults;

    public readonly float $omega;

    /** @var array<string, list<int>> branches of each part and wire */
    private array $branchesOf = [];

    /** @var list<string> parts that feed the circuit */
    public readonly array $feeding;

    /** @var list<Quantity> those that are at their target at once */
    public readonly array $quick;

    /** @var array<string, list<string>> parts whose values depend on a quantity directly, by quantity */
    public readonly array $followers;

    /** @var array<string, list<float>> levels of each quantity at which a part or a rule acts */
    public readonly array $marks;

    /** @var array<string, array<string, int>> nodes by part and its own name for them */
    private array $local = [];

    /** @var array<int, float> farads between neighbours, by branch */
    private array $coupling = [];

    /** @var array<int, float> farads to earth by node */
    private array $stray = [];

    /** @var array<int, int> the branch of each node's stray capacitance */
    private array $strayBranch = [];

    public function __construct(public readonly Circuit $circuit)
    {
        $this->omega = 2 * M_PI * $circuit->frequency;
        $components = $feeding = [];
        $nodes = [$circuit->earth => -1];
        $number = static function (string $name) use (&$nodes): int {
            return $nodes[$name] ??= count($nodes) - 1;
        };
        $branches = [];
        foreach ($circuit->parts as $id => $part) {
            $components[$id] = $component = Catalogue::component($part);
            foreach ($part->terminals as $terminal) {
                $number($part->point($terminal));
            }
            $this->branchesOf[$id] = [];
            foreach ($component->elements() as $element) {
                if ($element->shape === Shape::Source && ! in_array($id, $feeding, true)) {
                    $feeding[] = $id;
                }
                $this->branchesOf[$id][] = count($branches);
                $branches[] = new Branch(
                    array_map(static fn (string $n): int => $number(self::nodeName($component, $n, $circuit->earth)), $element->nodes),
                    $element->shape === Shape::Source,
                );
            }
        }
        foreach ($circuit->wires as $id => $wire) {
            $this->branchesOf[$id] = [count($branches), count($branches) + 1];
            $branches[] = new Branch([$number($wire->from), $number($wire->to)]);
            $branches[] = new Branch([$number($wire->to), $number($wire->case)]);
            foreach ([$wire->from, $wire->to] as $end) {
                $this->stray[$nodes[$end]] = ($this->stray[$nodes[$end]] ?? self::STRAY_TERMINAL) + self::STRAY_PER_METRE * $wire->length / 2;
            }
        }
        foreach ($this->neighbours() as [$a, $b, $farads]) {
            if ($nodes[$a] !== $nodes[$b]) {
                $this->coupling[count($branches)] = $farads;
                $branches[] = new Branch([$nodes[$a], $nodes[$b]]);
            }
        }
        foreach ($nodes as $node) {
            if ($node >= 0) {
                $this->stray[$node] ??= self::STRAY_TERMINAL;
                $this->strayBranch[$node] = count($branches);
                $branches[] = new Branch([$node, -1]);
            }
        }
        $this->components = $components;
        $this->nodes = $nodes;
        $this->topology = Topology::of(count($nodes) - 1, $branches);
        $this->faults = $this->listFaults();
        $this->feeding = $feeding;
        $this->quick = array_values(array_filter($circuit->quantities, static fn (Quantity $q): bool => $q->quick));
        $followers = $marks = [];
        foreach ($components as $id => $component) {
            foreach ($component->senses() as $name) {
                $followers[$name][] = (string) $id;
            }
            foreach ($component->setPoints() as [$name, $level]) {
                $marks[$name][] = $level;
            }
        }
        foreach ($circuit->quantities as $quantity) {
            foreach ($quantity->rules as $rule) {
                foreach ($rule->when as $clause) {
                    if ($clause->level !== null) {
                        $marks[$clause->subject][] = $clause->level;
                    }
                }
            }
        }
        $this->followers = $followers;
        $this->marks = $marks;
    }

    /** @return list<Fault> those common enough to be suspected; the rest can be injected and are looked for when these fail */
    public function suspects(): array
    {
        return array_values(array_filter($this->faults, static fn (Fault $f): bool => $f->mode->weight >= self::SUSPECTED));
    }

    /** @throws UnknownName */
    public function node(string $point): int
    {
        return $this->nodes[$point] ?? throw UnknownName::point($point, $this->circuit->points());
    }

    /** The node of a part's own terminal or inside node; asked for thousands of times, so remembered. */
    public function nodeOf(Component $component, string $local): int
    {
        return $this->local[$component->part->id][$local] ??= $this->node(self::nodeName($component, $local, $this->circuit->earth));
    }

    /** @throws UnknownName */
    public function fault(string $id): Fault
    {
        [$base, $amount] = [...explode('=', $id, 2), null];
        $fault = $this->faults[$base] ?? throw UnknownName::fault($id, array_keys($this->faults));
        if ($amount !== null && ($fault->mode->amountUnit === '' || ! is_numeric($amount) || (float) $amount <= 0.0)) {
            throw new \DomainException($fault->mode->amountUnit === '' ? "$base has no degrees: leave out \"=$amount\"." : "\"$amount\" is not an amount for $base: give a number above nothing, in {$fault->mode->amountUnit}.");
        }

        return $fault;
    }

    /** The name of a part's node in the circuit. */
    public static function nodeName(Component $component, string $local, string $earth): string
    {
        return match ($local) {
            '#case' => $component->part->case,
            '#earth' => $earth,
            default => $component->part->point($local),
        };
    }

    /**
     * Which branches a part or wire fills, and with what.
     *
     * @param  list<string>  $modes  its failure modes in force
     * @return array<int, list<float>> by branch
     */
    public function stampsOf(string $id, string $state, array $modes, Conditions $conditions, float $omega, bool $sources = true): array
    {
        $wire = $this->circuit->wires[$id] ?? null;
        if ($wire === null && ! isset($this->components[$id])) {
            throw UnknownName::part($id, [...array_keys($this->components), ...array_keys($this->circuit->wires)]);
        }
        $stamps = $wire !== null
            ? $this->wireStamps($wire, $modes, $conditions)
            : $this->components[$id]->stamps($state, new Setting($conditions, $modes, $omega, $sources));

        if ($wire === null && $conditions->hasRemoved($id)) {
            $stamps = array_map(static fn (array $s): array => array_fill(0, count($s), 0.0), $stamps);
        }

        return array_combine($this->branchesOf[$id], $stamps);
    }

    /** @return array<int, list<float>> the stray capacitances, or leaks in a d.c. solve, by branch */
    public function strays(float $omega): array
    {
        $stamps = [];
        foreach ($this->coupling as $branch => $farads) {
            $stamps[$branch] = $omega == 0.0 ? [0.0, 0.0] : [0.0, $omega * $farads];
        }
        foreach ($this->strayBranch as $node => $branch) {
            $stamps[$branch] = $omega == 0.0 ? [self::LEAK_SIEMENS, 0.0] : [0.0, $omega * $this->stray[$node]];
        }

        return $stamps;
    }

    /** @return array<string, string> every part's state before power is applied, for those that have one */
    public function initialStates(): array
    {
        return array_filter(array_map(static fn (Component $c): string => $c->initialState(), $this->components), static fn (string $s): bool => $s !== '');
    }

    /**
     * @param  list<string>  $faults  fault ids
     * @return array<string, list<string>> modes by part or wire
     *
     * @throws UnknownName
     */
    public function modesByTarget(array $faults): array
    {
        $modes = [];
        foreach ($faults as $id) {
            $fault = $this->fault($id);
            $modes[$fault->target][] = $fault->mode->id.(str_contains($id, '=') ? strstr($id, '=') : '');
        }

        return $modes;
    }

    /**
     * The conductors that run beside each other, end to end as the file writes them, half the coupling at either end.
     *
     * @return list<array{string, string, float}> two points and the farads between them
     */
    private function neighbours(): array
    {
        $bundles = $pairs = [];
        foreach ($this->circuit->wires as $wire) {
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

    /**
     * @param  list<string>  $modes
     * @return list<list<float>>
     */
    private function wireStamps(Wire $wire, array $modes, Conditions $conditions): array
    {
        $setting = new Setting($conditions, $modes, 0.0, false);
        $whole = ! $setting->has('open') && ! $conditions->hasLifted($wire->id);
        $loose = $setting->has('loose') ? $setting->amount('loose', self::LOOSE_OHMS) : 0.0;

        return [
            $whole ? Values::ohms($wire->resistance() + $loose) : Values::OPEN,
            $setting->has('grounded') ? Values::ohms($setting->amount('grounded', Values::SHORT_OHMS)) : Values::OPEN,
        ];
    }

    /** @return array<string, Fault> */
    private function listFaults(): array
    {
        $faults = [];
        foreach ($this->components as $id => $component) {
            foreach ($component->faults() as $mode) {
                $fault = new Fault($id, $mode, $component->part->label.': '.$mode->label, false);
                $faults[$fault->id()] = $fault;
            }
        }
        foreach ($this->circuit->wires as $id => $wire) {
            $modes = [new FaultMode('open', 'broken or loose', 0.3), new FaultMode('loose', 'high-resistance joint', 0.08, 'Ω')];
            if ($wire->from !== $wire->case && $wire->to !== $wire->case) {
                $modes[] = new FaultMode('grounded', 'rubbed through to ground', 0.1, 'Ω');
            }
            foreach ($modes as $mode) {
                $fault = new Fault($id, $mode, ucfirst($wire->colour)." wire $wire->from to $wire->to: $mode->label", true);
                $faults[$fault->id()] = $fault;
            }
        }

        return $faults;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Branch;
use Levin\Core\Network\Graph;
use Levin\Core\Network\Topology;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Conductor;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Shape;
use Levin\Core\Parts\SymbolShape;

/** A circuit made ready to compute: how its parts and wires behave, and which branches of its network each fills. */
final class Model
{
    /** @var array<string, Kind> the parts, by id */
    public readonly array $parts;

    /** @var array<string, Component> parts and wires, by id */
    public readonly array $components;

    public readonly Nodes $nodes;

    public readonly Topology $topology;

    public readonly FaultList $faults;

    public readonly Marks $marks;

    public readonly float $omega;

    /** @var list<string> parts that feed the circuit */
    public readonly array $feeding;

    /** @var array<string, string> every part's state before power is applied, for those that have one */
    public readonly array $initialStates;

    /** @var array<string, Kind> parts whose state can follow from their voltages */
    public readonly array $acting;

    /** @var array<string, Kind> parts that can change by themselves after a time */
    public readonly array $timed;

    /** @var array<string, Kind> parts that warm, cool or count */
    public readonly array $drifting;

    /** @var array<string, Kind> parts that can burn out */
    public readonly array $wearing;

    /** @var array<string, Kind> loads that are seen or heard to run: what someone calls about */
    public readonly array $machines;

    /** @var array<string, string> points that a part feeds with direct current, each with the terminal that it returns to */
    public readonly array $direct;

    private readonly Strays $strays;

    /** @var array<string, list<int>> branches of each component, in the order of its elements */
    private array $branchesOf = [];

    /** @var array<string, array<string, int>> nodes by component and its own name for them */
    private array $local = [];

    public function __construct(public readonly Circuit $circuit)
    {
        $this->omega = 2 * M_PI * $circuit->frequency;
        $this->parts = array_map(Catalogue::component(...), $circuit->parts);
        $conductors = [];
        foreach ($circuit->wires as $id => $wire) {
            $conductors[$id] = new Conductor($wire);
        }
        $this->components = [...$this->parts, ...$conductors];
        $this->initialStates = array_filter(
            array_map(static fn (Kind $kind): string => $kind->initialState(), $this->parts),
            static fn (string $state): bool => $state !== '',
        );
        $withState = array_intersect_key($this->parts, $this->initialStates);
        $this->acting = array_filter($withState, static fn (Kind $kind): bool => self::has($kind, 'nextState'));
        $this->timed = array_filter($withState, static fn (Kind $kind): bool => self::has($kind, 'pending'));
        $this->drifting = array_filter($this->parts, static fn (Kind $kind): bool => self::has($kind, 'drift'));
        $this->wearing = array_filter($this->parts, static fn (Kind $kind): bool => self::has($kind, 'wear'));
        $this->machines = array_filter($this->parts, static fn (Kind $kind): bool => $kind->isMachine());
        $this->direct = $this->fedDirect();
        $this->nodes = new Nodes($circuit);
        $this->faults = FaultList::of($this->components);
        $this->marks = Marks::of($circuit, $this->components);
        $healthy = new Setting(Conditions::healthyDefaults($circuit), [], $this->omega);
        $branches = $feeding = [];
        foreach ($this->components as $id => $component) {
            $this->branchesOf[$id] = [];
            foreach ($component->elements($component->initialState(), $healthy) as $element) {
                $feeds = $element->shape === Shape::Source;
                if ($feeds) {
                    $feeding[$id] = $id;
                }
                $this->branchesOf[$id][] = count($branches);
                $branches[] = new Branch(
                    array_map(fn (string $n): int => $this->nodes->number($this->nodeName($component, $n)), $element->nodes),
                    $feeds,
                );
            }
        }
        $this->feeding = array_values($feeding);
        $this->strays = new Strays($circuit, $this->nodes, count($branches));
        $this->topology = Topology::of($this->nodes->count(), [...$branches, ...$this->strays->branches]);
    }

    /** @return array<string, string> */
    private function fedDirect(): array
    {
        $sources = array_filter($this->parts, static fn (Kind $kind): bool => $kind->givesDirect());
        if ($sources === []) {
            return [];
        }
        /** @var Graph<string, string> $joined */
        $joined = new Graph;
        foreach ($this->circuit->wires as $id => $wire) {
            $joined->join($wire->from, $wire->to, $id);
        }
        foreach ($this->parts as $id => $kind) {
            foreach ($kind->symbols() as $symbol) {
                $joined->join($kind->part->point($symbol->left), $kind->part->point($symbol->right), $symbol->key((string) $id));
            }
        }
        $direct = [];
        foreach ($sources as $kind) {
            $return = $kind->part->point($kind->symbols()[0]->right);
            $direct += array_map(static fn (): string => $return, $joined->reached([$return]));
        }

        return $direct;
    }

    /** Whether a pilot may feed it whatever is switched. */
    public function isFedByPilot(string $part): bool
    {
        $points = array_map($this->parts[$part]->part->point(...), $this->parts[$part]->part->terminals);

        return array_intersect_key($this->direct, array_flip($points)) !== [];
    }

    /**
     * What must be so of the world where some faults are no failures, but parts doing their job.
     *
     * @return array<string, array{float, float}> the range in which each quantity is then
     */
    public function implied(Faults $faults): array
    {
        $implied = [];
        foreach ($faults->all as $injected) {
            $part = $this->parts[$injected->fault->target] ?? null;
            $implied += $part?->implied($injected->fault->mode->id) ?? [];
        }

        return $implied;
    }

    /**
     * The relay or contactor, seen to pull in, whose contact lies between two points; null where none does.
     *
     * @throws UnknownName
     */
    public function contactBetween(string $red, string $black): ?string
    {
        $part = $this->circuit->partAt($red);
        $kind = $this->parts[$part->id];
        foreach ($kind->observables() === [] ? [] : $kind->symbols() as $symbol) {
            $ends = [$part->point($symbol->left), $part->point($symbol->right)];
            if ($symbol->shape === SymbolShape::Contact && array_diff([$red, $black], $ends) === []) {
                return $part->id;
            }
        }

        return null;
    }

    /** @throws UnknownName */
    public function node(string $point): int
    {
        return $this->nodes->at($point);
    }

    /** The node of a component's own terminal or inside node; asked for thousands of times, so remembered. */
    public function nodeOf(Component $component, string $local): int
    {
        return $this->local[$component->id][$local] ??= $this->nodes->at($this->nodeName($component, $local));
    }

    /** @throws UnknownName */
    public function component(string $id): Component
    {
        return $this->components[$id] ?? throw UnknownName::part($id, array_map(strval(...), array_keys($this->components)));
    }

    /**
     * What a component puts into the network now, by branch.
     *
     * @param  array<string, float|null>  $modes  its failure modes in force, see Setting
     * @return array<int, Element>
     */
    public function elements(string $id, string $state, array $modes, Conditions $conditions, float $omega): array
    {
        $elements = $this->component($id)->elements($state, new Setting($conditions, $modes, $omega));
        if ($conditions->hasRemoved($id)) {
            $elements = array_map(static fn (Element $e): Element => $e->isolated(), $elements);
        }

        return array_combine($this->branchesOf[$id], $elements);
    }

    /**
     * The same as bare numbers.
     *
     * @param  array<string, float|null>  $modes
     * @return array<int, list<float>>
     */
    public function values(string $id, string $state, array $modes, Conditions $conditions, float $omega): array
    {
        return array_map(static fn (Element $e): array => $e->values, $this->elements($id, $state, $modes, $conditions, $omega));
    }

    /** @return array<int, list<float>> the stray capacitances, or leaks in a d.c. solve, by branch */
    public function strays(float $omega): array
    {
        return $this->strays->values($omega);
    }

    /** Whether a kind says something of its own where a component says nothing: most parts are asked in vain otherwise. */
    private static function has(Kind $kind, string $method): bool
    {
        return (new \ReflectionMethod($kind, $method))->getDeclaringClass()->name !== Component::class;
    }

    private function nodeName(Component $component, string $local): string
    {
        return $local === '#earth' ? $this->circuit->earth : $component->nodeName($local);
    }

    /**
     * Every reset button pressed, breakers left as they are.
     *
     * @param  array<string, string>  $states
     * @return array<string, string>
     */
    public function afterResets(array $states): array
    {
        foreach ($states as $id => $state) {
            if (isset($this->parts[$id]) && $this->parts[$id]->overcurrentDevice() === null) {
                $states[$id] = $this->parts[$id]->afterReset($state);
            }
        }

        return $states;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Shape;

/**
 * What a circuit has come to under some conditions and with some faults.
 */
final readonly class Settled
{
    /** An element that conducts better than this is metal, not a load, siemens. */
    public const METAL = 0.5;

    /**
     * @param  array<string, string>  $states  by part id, for parts that have one
     * @param  array<int, float>  $re  node voltages against earth, real parts
     * @param  array<int, float>  $im
     * @param  list<string>  $chattering  parts that never come to rest; empty when the circuit settled
     * @param  float  $chatterPeriod  seconds of one beat of the chatter
     * @param  float  $elapsed  seconds since power came on
     */
    public function __construct(
        public Model $model,
        public Conditions $conditions,
        public Faults $faults,
        public array $states,
        public Factorisation $network,
        public array $re,
        public array $im,
        public array $chattering,
        public int $rounds,
        public float $chatterPeriod = 0.0,
        public float $elapsed = 0.0,
    ) {
    }

    /** Volts against earth. */
    public function at(string $point): Complex
    {
        $node = $this->model->node($point);

        return $node < 0 ? new Complex(0) : new Complex($this->re[$node], $this->im[$node]);
    }

    /** Volts from one point to another, before any meter loads them. */
    public function between(string $a, string $b): Complex
    {
        return $this->over($this->model->node($a), $this->model->node($b));
    }

    /** The same from one node to another; −1 is earth. */
    public function over(int $a, int $b): Complex
    {
        return new Complex(
            ($a < 0 ? 0.0 : $this->re[$a]) - ($b < 0 ? 0.0 : $this->re[$b]),
            ($a < 0 ? 0.0 : $this->im[$a]) - ($b < 0 ? 0.0 : $this->im[$b]),
        );
    }

    /** Amperes in a wire, from its first end to its second. */
    public function wireCurrent(string $wire): Complex
    {
        $w = $this->model->circuit->wire($wire);
        $y = $this->elementsOf($wire)[0]->values;

        return $this->between($w->from, $w->to)->times(new Complex($y[0], $y[1]));
    }

    /** Whether a part joins two of its points by metal now: a closed contact, a whole fuse. */
    public function conducts(string $part, string $a, string $b): bool
    {
        [$p, $q] = [$this->model->node($a), $this->model->node($b)];
        $component = $this->model->component($part);
        foreach ($this->elementsOf($part) as $element) {
            $nodes = array_map(fn (string $local): int => $this->model->nodeOf($component, $local), $element->nodes);
            if (count($nodes) === 2 && in_array($p, $nodes, true) && in_array($q, $nodes, true) && $element->conductance() > self::METAL) {
                return true;
            }
        }

        return false;
    }

    /** What eyes and ears report of a part, or an empty string when there is nothing to see. */
    public function observed(string $part): string
    {
        $component = $this->model->component($part);
        $setting = new Setting($this->conditions, $this->faults->in($part), $this->model->omega);

        return $component->observed($this->states[$part] ?? '', $setting, $this->seenBy($component));
    }

    /** @return array<string, string> the same of every part at which there is something to see */
    public function allObserved(): array
    {
        $seen = [];
        foreach ($this->model->parts as $id => $component) {
            if ($component->observables() !== []) {
                $seen[$id] = $this->observed($id);
            }
        }

        return $seen;
    }

    /** Amperes into a part at one of its terminals. */
    public function currentInto(string $part, string $terminal): Complex
    {
        return $this->model->circuit->part($part)->has($terminal)
            ? $this->currentsInto($part)[$terminal] ?? new Complex(0)
            : throw UnknownName::point("$part.$terminal", $this->model->circuit->points());
    }

    /** The largest current in any lead of a part, amperes: what a clamp finds on a load. */
    public function currentOf(string $part): float
    {
        return max(0.0, ...array_map(
            fn (string $terminal): float => $this->currentInto($part, $terminal)->abs(),
            $this->model->circuit->part($part)->terminals,
        ));
    }

    /** Volts between the first two line terminals of a load; nothing over what takes no power. */
    public function voltsOver(string $part): float
    {
        [$a, $b] = [...($this->model->parts[$part]->demand()->terminals ?? []), '', ''];

        return $b === '' ? 0.0 : $this->between("$part.$a", "$part.$b")->abs();
    }

    /** @return array<string, Complex> amperes into a part at each of its nodes */
    private function currentsInto(string $part): array
    {
        $component = $this->model->component($part);
        $voltages = $this->seenBy($component);
        $into = [];
        foreach ($this->elementsOf($part) as $element) {
            $y = $element->values;
            $ports = array_chunk($element->nodes, 2);
            foreach ($ports as $i => [$a, $b]) {
                $current = $element->shape === Shape::Source ? new Complex(-$y[2], -$y[3]) : new Complex(0);
                foreach ($ports as $j => [$c, $d]) {
                    $at = 2 * ($i * count($ports) + $j);
                    $current = $current->plus((new Complex($y[$at], $y[$at + 1]))->times($voltages->across($c, $d)));
                }
                foreach ([[$a, 1.0], [$b, -1.0]] as [$end, $sign]) {
                    $into[$end] = ($into[$end] ?? new Complex(0))->plus($current->scaled($sign));
                }
            }
        }

        return $into;
    }

    private function seenBy(Component $component): PartVoltages
    {
        return new PartVoltages($this->model, $component, new NodeVolts($this->re, $this->im));
    }

    /** @return list<Element> */
    private function elementsOf(string $id): array
    {
        return array_values(
            $this->model->elements($id, $this->states[$id] ?? '', $this->faults->in($id), $this->conditions, $this->model->omega),
        );
    }
}

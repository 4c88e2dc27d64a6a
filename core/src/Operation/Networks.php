<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Shape;

/**
 * The networks of one circuit: a factorisation for each set of conditions, and others reached from it by changing a few parts.
 */
final class Networks
{
    /** @var array<string, Factorisation> healthy networks in the initial state, by conditions and frequency */
    private array $bases = [];

    /** @var array<string, float> quantities in ordinary working */
    private readonly array $normal;

    public function __construct(private readonly Model $model)
    {
        $this->normal = array_map(static fn (Quantity $q): float => $q->normal, $model->circuit->quantities);
    }

    /**
     * The network with parts and wires in given states.
     *
     * @param  array<string, string>  $states
     * @param  array<string, list<string>>  $modes
     */
    public function at(Conditions $conditions, array $states, array $modes, float $omega): Factorisation
    {
        $targets = [...array_keys($modes), ...array_keys(array_diff_assoc($states, $this->model->initialStates()))];
        // one base serves whatever the quantities are; what follows those that have moved is changed on top of it
        $moved = array_diff_assoc($conditions->numbers(), $this->normal);
        $followers = array_merge(...array_map(fn (string $name): array => $this->model->followers[$name] ?? [], array_keys($moved)));

        return $this->changed($this->base($conditions->withNumbers($this->normal), $omega), array_values(array_unique([...$targets, ...$followers])), $states, $modes, $conditions, $omega);
    }

    /**
     * @param  list<string>  $targets  parts and wires whose values may differ
     * @param  array<string, string>  $states
     * @param  array<string, list<string>>  $modes
     */
    public function changed(Factorisation $network, array $targets, array $states, array $modes, Conditions $conditions, float $omega): Factorisation
    {
        $changes = [];
        foreach ($targets as $id) {
            $changes += $this->model->stampsOf($id, $states[$id] ?? '', $modes[$id] ?? [], $conditions, $omega);
        }
        $changes = $network->differing($changes);

        return $changes === [] ? $network : $network->with($changes);
    }

    /**
     * The direct voltages of a unit with its parts in given states: what its d.c. sources feed, and nothing else.
     *
     * @param  array<string, string>  $states
     * @param  array<string, list<string>>  $modes
     * @return array{Factorisation, array<int, float>} the network, and the volts of each node against earth
     */
    public function direct(Conditions $conditions, array $states, array $modes): array
    {
        $network = $this->at($conditions, $states, $modes, 0.0);

        return [$network, $network->solve(...$this->injection($states, $modes, $conditions, 0.0))[0]];
    }

    /**
     * What the sources feed in.
     *
     * @param  array<string, string>  $states
     * @param  array<string, list<string>>  $modes
     * @return array{array<int, float>, array<int, float>} amperes into each node
     */
    public function injection(array $states, array $modes, Conditions $conditions, float $omega): array
    {
        $re = $im = [];
        foreach ($this->model->feeding as $id) {
            $stamps = $this->model->stampsOf($id, $states[$id] ?? '', $modes[$id] ?? [], $conditions, $omega);
            $branches = array_keys($stamps);
            foreach ($this->model->components[$id]->elements() as $i => $element) {
                if ($element->shape !== Shape::Source) {
                    continue;
                }
                $branch = $branches[$i];
                [$a, $b] = $this->model->topology->branches[$branch]->nodes;
                foreach ([[$a, 1.0], [$b, -1.0]] as [$node, $sign]) {
                    if ($node >= 0) {
                        $re[$node] = ($re[$node] ?? 0.0) + $sign * $stamps[$branch][2];
                        $im[$node] = ($im[$node] ?? 0.0) + $sign * $stamps[$branch][3];
                    }
                }
            }
        }

        return [$re, $im];
    }

    private function base(Conditions $conditions, float $omega): Factorisation
    {
        $key = $omega.'@'.$conditions->key();
        if (isset($this->bases[$key])) {
            return $this->bases[$key];
        }
        $model = $this->model;
        $states = $model->initialStates();
        if ($conditions->lifted !== [] || $conditions->removed !== []) {
            $whole = $this->base($conditions->landing($conditions->lifted)->restoring($conditions->removed), $omega);

            return $this->bases[$key] = $this->changed($whole, [...$conditions->lifted, ...$conditions->removed], $states, [], $conditions, $omega);
        }
        $re = $im = array_fill(0, $model->topology->values, 0.0);
        $stamps = $model->strays($omega);
        foreach ([...array_keys($model->components), ...array_keys($model->circuit->wires)] as $id) {
            $stamps += $model->stampsOf($id, $states[$id] ?? '', [], $conditions, $omega);
        }
        foreach ($stamps as $branch => $values) {
            $at = $model->topology->offset[$branch];
            $count = $model->topology->branches[$branch]->values();
            for ($i = 0; $i < $count; $i++) {
                $re[$at + $i] = $values[2 * $i];
                $im[$at + $i] = $values[2 * $i + 1];
            }
        }

        return $this->bases[$key] = new Factorisation($model->topology, array_values($re), array_values($im));
    }
}

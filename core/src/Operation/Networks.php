<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Faults;
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
     */
    public function at(Conditions $conditions, array $states, Faults $faults, float $omega): Factorisation
    {
        $targets = [...$faults->targets(), ...array_keys(array_diff_assoc($states, $this->model->initialStates))];
        // one base serves whatever the quantities are; what follows those that have moved is changed on top of it
        $followers = $this->model->marks->followers(array_keys(array_diff_assoc($conditions->numbers(), $this->normal)));
        $base = $this->base($conditions->withNumbers($this->normal), $omega);

        return $this->changed($base, array_values(array_unique([...$targets, ...$followers])), $states, $faults, $conditions, $omega);
    }

    /**
     * @param  list<string>  $targets  parts and wires whose values may differ
     * @param  array<string, string>  $states
     */
    public function changed(
        Factorisation $network,
        array $targets,
        array $states,
        Faults $faults,
        Conditions $conditions,
        float $omega,
    ): Factorisation {
        $changes = [];
        foreach ($targets as $id) {
            $changes += $this->model->values($id, $states[$id] ?? '', $faults->in($id), $conditions, $omega);
        }
        $changes = $network->differing($changes);

        return $changes === [] ? $network : $network->with($changes);
    }

    /**
     * The direct voltages of a unit with its parts in given states: what its d.c. sources feed, and nothing else.
     *
     * @param  array<string, string>  $states
     * @return array{Factorisation, array<int, float>} the network, and the volts of each node against earth
     */
    public function direct(Conditions $conditions, array $states, Faults $faults): array
    {
        $network = $this->at($conditions, $states, $faults, 0.0);

        return [$network, $network->solve(...$this->injection($states, $faults, $conditions, 0.0))[0]];
    }

    /**
     * What the sources feed in.
     *
     * @param  array<string, string>  $states
     * @return array{array<int, float>, array<int, float>} amperes into each node
     */
    public function injection(array $states, Faults $faults, Conditions $conditions, float $omega): array
    {
        $re = $im = [];
        foreach ($this->model->feeding as $id) {
            foreach ($this->model->elements($id, $states[$id] ?? '', $faults->in($id), $conditions, $omega) as $branch => $element) {
                if ($element->shape !== Shape::Source) {
                    continue;
                }
                [$a, $b] = $this->model->topology->branches[$branch]->nodes;
                foreach ([[$a, 1.0], [$b, -1.0]] as [$node, $sign]) {
                    if ($node >= 0) {
                        $re[$node] = ($re[$node] ?? 0.0) + $sign * $element->values[2];
                        $im[$node] = ($im[$node] ?? 0.0) + $sign * $element->values[3];
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
        $states = $model->initialStates;
        if ($conditions->lifted !== [] || $conditions->removed !== []) {
            $whole = $this->base($conditions->landing($conditions->lifted)->restoring($conditions->removed), $omega);

            return $this->bases[$key] = $this->changed(
                $whole,
                [...$conditions->lifted, ...$conditions->removed],
                $states,
                Faults::none(),
                $conditions,
                $omega,
            );
        }
        $re = $im = array_fill(0, $model->topology->values, 0.0);
        $all = $model->strays($omega);
        foreach (array_keys($model->components) as $id) {
            $all += $model->values($id, $states[$id] ?? '', [], $conditions, $omega);
        }
        foreach ($all as $branch => $values) {
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

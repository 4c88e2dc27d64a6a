<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Shape;

/**
 * Lets a circuit come to rest: solve, let every relay, motor and fuse act on what it sees, solve again, until none moves.
 *
 * It starts as the unit does when power comes on: relays out, motors still, fuses whole.
 */
final class Settler
{
    private const MOST_ROUNDS = 60;

    /** @var array<string, Factorisation> healthy networks in the initial state, by conditions and frequency */
    private array $bases = [];

    public function __construct(public readonly Model $model)
    {
    }

    /**
     * @param  list<string>  $faults  fault ids
     * @param  array<string, string>  $before  part states from before power was cut or changed; a blown fuse stays blown
     *
     * @throws UnknownName for a fault the circuit does not have
     */
    public function settle(Conditions $conditions, array $faults = [], array $before = []): Settled
    {
        $model = $this->model;
        $modes = $model->modesByTarget($faults);
        $states = [...$model->initialStates(), ...$this->statesWhenDead($before)];
        $kept = array_keys(array_diff_assoc($states, $model->initialStates()));
        $network = $this->changed($this->base($conditions, $model->omega), [...array_keys($modes), ...$kept], $states, $modes, $conditions, $model->omega);
        $inject = $this->injection($states, $modes, $conditions);
        $seen = [];
        $history = [];
        for ($round = 1; ; $round++) {
            [$re, $im] = $network->solve(...$inject);
            $next = $this->step($states, $modes, $conditions, $re, $im);
            $moved = array_keys(array_diff_assoc($next, $states));
            if ($moved === []) {
                return new Settled($model, $conditions, $faults, $states, $network, $re, $im, [], $round);
            }
            $key = implode('|', $next);
            if (isset($seen[$key]) || $round >= self::MOST_ROUNDS) {
                return new Settled($model, $conditions, $faults, $states, $network, $re, $im, $this->movers($history, $next, $seen[$key] ?? 0), $round);
            }
            $seen[$key] = count($history);
            $history[] = $next;
            $states = $next;
            $network = $this->changed($network, $moved, $states, $modes, $conditions, $model->omega);
        }
    }

    /**
     * The network of a circuit that is dead, its parts in known states.
     *
     * @param  list<string>  $faults  fault ids
     * @param  array<string, string>  $states  by part id
     * @param  float  $omega  rad/s, zero for d.c.
     */
    public function dead(Conditions $conditions, array $faults, array $states, float $omega): Factorisation
    {
        $modes = $this->model->modesByTarget($faults);
        $moved = array_keys(array_diff_assoc($states, $this->model->initialStates()));
        $targets = array_values(array_unique([...$moved, ...array_keys($modes)]));

        return $this->changed($this->base($conditions, $omega), $targets, $states, $modes, $conditions, $omega);
    }

    /**
     * What is left of part states once power is off.
     *
     * @param  array<string, string>  $states
     * @return array<string, string>
     */
    public function statesWhenDead(array $states): array
    {
        foreach ($states as $id => $state) {
            $states[$id] = $this->model->components[$id]->stateWhenDead($state);
        }

        return $states;
    }

    /**
     * @param  array<string, string>  $states
     * @param  array<string, list<string>>  $modes
     * @param  array<int, float>  $re
     * @param  array<int, float>  $im
     * @return array<string, string>
     */
    private function step(array $states, array $modes, Conditions $conditions, array $re, array $im): array
    {
        foreach ($states as $id => $state) {
            $component = $this->model->components[$id];
            $setting = new Setting($conditions, $modes[$id] ?? [], $this->model->omega, true);
            $states[$id] = $component->nextState($state, $setting, new PartVoltages($this->model, $component, $re, $im));
        }

        return $states;
    }

    /**
     * The parts that move within a cycle of states.
     *
     * @param  list<array<string, string>>  $history
     * @param  array<string, string>  $next
     * @return list<string>
     */
    private function movers(array $history, array $next, int $from): array
    {
        $movers = [];
        foreach (array_slice($history, $from) as $states) {
            $movers += array_diff_assoc($states, $next);
        }

        return array_keys($movers);
    }

    /**
     * @param  list<string>  $targets  parts and wires whose values may differ
     * @param  array<string, string>  $states
     * @param  array<string, list<string>>  $modes
     */
    private function changed(Factorisation $network, array $targets, array $states, array $modes, Conditions $conditions, float $omega): Factorisation
    {
        $changes = [];
        foreach ($targets as $id) {
            $changes += $this->model->stampsOf($id, $states[$id] ?? '', $modes[$id] ?? [], $conditions, $omega);
        }
        $changes = $network->differing($changes);

        return $changes === [] ? $network : $network->with($changes);
    }

    private function base(Conditions $conditions, float $omega): Factorisation
    {
        $key = $omega.'@'.$conditions->key();
        if (isset($this->bases[$key])) {
            return $this->bases[$key];
        }
        $model = $this->model;
        $states = $model->initialStates();
        if ($conditions->lifted !== []) {
            $landed = $this->base($conditions->landing($conditions->lifted), $omega);

            return $this->bases[$key] = $this->changed($landed, $conditions->lifted, [], [], $conditions, $omega);
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

    /**
     * @param  array<string, string>  $states
     * @param  array<string, list<string>>  $modes
     * @return array{array<int, float>, array<int, float>} amperes into each node
     */
    public function injection(array $states, array $modes, Conditions $conditions): array
    {
        $re = $im = [];
        foreach ($this->model->components as $id => $component) {
            foreach ($component->elements() as $i => $element) {
                if ($element->shape !== Shape::Source) {
                    continue;
                }
                $stamps = $this->model->stampsOf($id, $states[$id] ?? '', $modes[$id] ?? [], $conditions, $this->model->omega);
                $branch = array_keys($stamps)[$i];
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
}

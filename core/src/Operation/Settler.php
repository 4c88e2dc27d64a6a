<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Factorisation;

/**
 * Lets a circuit come to rest: solve, let every relay, motor, fuse and board act on what it sees, solve again, until none
 * moves; then let the timers that have started run out, one after another.
 *
 * It starts as the unit does when power comes on: relays out, motors still, fuses whole. Heat, run time and slow quantities
 * stay where they are: what comes of them is for Runner.
 */
final class Settler
{
    /** Timers longer than this are not waited for: a defrost clock, a reset that takes its time. Seconds. */
    private const PATIENCE = 600.0;

    public readonly Networks $networks;

    public function __construct(public readonly Model $model)
    {
        $this->networks = new Networks($model);
    }

    /**
     * @param  list<string>  $faults  fault ids
     * @param  array<string, string>  $before  part states from before power was cut or changed; a blown fuse stays blown
     *
     * @throws UnknownName for a fault the circuit does not have
     */
    public function settle(Conditions $conditions, array $faults = [], array $before = []): Settled
    {
        $course = new Course($this->model, $this->networks, $conditions, $faults, $this->statesWhenDead($before));
        $course->waitForTimers(self::PATIENCE);

        return $course->settled();
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
        return $this->networks->at($conditions, $states, $this->model->modesByTarget($faults), $omega);
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
}

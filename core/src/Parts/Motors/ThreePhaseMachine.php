<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Machines\ThreePhaseMotor;

/** What every three-phase motor shares, however its windings are joined: the machine its plate describes. A belt blower by default. */
abstract class ThreePhaseMachine extends InductionMotor
{
    private ?ThreePhaseMotor $machine = null;

    public function machine(): ThreePhaseMotor
    {
        $p = $this->part;

        return $this->machine ??= ThreePhaseMotor::fromPlate(
            $p->number('volts'),
            $p->number('fla'),
            $p->number('lra'),
            $p->number('power_factor'),
            $p->number('winding_ohms'),
            $this->plateSlip(),
        );
    }

    #[\Override]
    public function check(): void
    {
        $this->machine();
    }

    #[\Override]
    protected function ratedSlip(): float
    {
        return $this->machine()->slip;
    }

    #[\Override]
    protected function breakaway(): float
    {
        return 0.15;
    }

    #[\Override]
    protected function inertia(): float
    {
        return 1.5;
    }

    #[\Override]
    public function observables(): array
    {
        return [...$this->seenRunning(), 'runs backwards', 'hums', 'silent'];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Load;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Voltages;

/**
 * What every motor shares that is computed from its torque, on one phase or three: the slip it runs at, what it turns, how it sounds.
 * A fan motor unless its kind says otherwise.
 */
abstract class InductionMotor extends Motor
{
    /** Torque needed to break away, as a fraction of rated torque. [practice, no published source] */
    abstract protected function breakaway(): float;

    abstract protected function ratedSlip(): float;

    /** @return list<FaultMode> modes beyond those every such motor has */
    abstract protected function ownFaults(): array;

    /** Exponent of the load's torque against speed: the square for a fan or blower [fan laws]. */
    protected function loadExponent(): float
    {
        return 2.0;
    }

    /** @return list<Field> */
    protected static function loadFields(): array
    {
        return [
            Field::number('load', '×', 'what it turns, against what it is rated for', 0, 3, 1),
            Field::quantity('load_by', 'the quantity that multiplies its load'),
        ];
    }

    /** @return list<FaultMode> */
    protected static function commonFaults(): array
    {
        return [
            new FaultMode('grounded', 'winding grounded', 0.8, 'Ω'),
            new FaultMode('leaky', 'insulation leaky to ground', 0.09, 'Ω'),
            new FaultMode('dragging', 'dragging: bearing or wheel', 0.09, 'share of rated load'),
        ];
    }

    #[\Override]
    public function senses(): array
    {
        $by = $this->part->text('load_by');

        return $by === '' ? [] : [$by];
    }

    private function load(Setting $setting): Load
    {
        $by = $this->part->text('load_by');
        $share = $this->part->number('load') * ($by === '' ? 1.0 : $setting->quantity($by)) + ($setting->degree('dragging', 0.6, 0.0));

        return new Load($share, $this->loadExponent(), $this->ratedSlip());
    }

    /**
     * The state of a motor that turns: the same while it carries its load, another slip, or stalled.
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    protected function carrying(string $state, Setting $setting, callable $torque): string
    {
        $load = $this->load($setting);
        $slip = Running::slip($state, $this->ratedSlip());
        if ($load->isCarriedAt($slip, $torque)) {
            return $state;
        }
        $slip = $load->slipFrom($slip, $torque);

        return $slip === null ? Running::STILL : Running::at($slip, Running::isBackwards($state));
    }

    /** It hums when it stands, is not open on its overload, and takes a good part of its locked current. */
    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            Running::isBackwards($state) => 'runs backwards',
            Running::is($state) => 'runs',
            $state === Running::STILL && $this->heatingAmps($state, $setting, $voltages) > 0.25 * $this->part->number('lra') => 'hums',
            default => 'silent',
        };
    }
}

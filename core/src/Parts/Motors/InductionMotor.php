<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Load;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Machines\SynchronousSpeed;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Voltages;

/**
 * What every motor shares that is computed from its torque, on one phase or three: whether it starts, how long that takes, the slip
 * it runs at, how long it coasts, what it turns, how it sounds. A fan motor unless its kind says otherwise.
 *
 * From standstill it starts when its torque beats what its load asks for there; while it comes up it takes its locked current; once
 * it turns, its slip is where its torque equals the load's, and when there is no such slip it coasts until it stands.
 */
abstract class InductionMotor extends Motor
{
    /** A slip that differs by less than this factor is taken at once; one that differs by more takes its time. */
    private const AT_ONCE = 1.5;

    /** A rotor that has lost its torque while it came up stands again after so many seconds. [practice, no published source] */
    private const GIVES_UP = 0.3;

    /** With less than this share of its volts, or of its full-load current, it has no supply to speak of: it coasts. */
    private const UNFED = 0.05;

    /** Torque needed to break away, as a fraction of rated torque. [practice, no published source] */
    abstract protected function breakaway(): float;

    /** Energy in what turns, at full speed, over rated power, seconds. [practice, no published source] */
    abstract protected function inertia(): float;

    abstract protected function ratedSlip(): float;

    /** Whether it could turn at all, whatever is fed to it. */
    abstract protected function isFree(Setting $setting): bool;

    /** Whether it stands in a field that turns the wrong way. */
    protected function isTurnedBack(Voltages $voltages): bool
    {
        return false;
    }

    /** The highest voltage over one of its windings. */
    abstract protected function windingVolts(Voltages $voltages): float;

    /** @return callable(float): float its torque at any slip as a share of rated, fed as it is now, the way its state turns */
    abstract protected function torqueCurve(string $state, Setting $setting, Voltages $voltages): callable;

    /** @return list<FaultMode> modes beyond those every such motor has */
    abstract protected function ownFaults(): array;

    /** Whether it turns a blade or a wheel, which can be seen to stand while the shaft turns. */
    protected function turnsWheel(): bool
    {
        return true;
    }

    #[\Override]
    public function hasShaft(): bool
    {
        return $this->turnsWheel();
    }

    /** @return list<string> how it can be seen to run */
    protected function seenRunning(): array
    {
        return ['runs', ...($this->turnsWheel() ? [Wheel::WITHOUT] : [])];
    }

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

    /** @return list<Field> */
    protected static function speedFields(float $rpm): array
    {
        return [
            Field::number('hertz', 'Hz', 'rated frequency', 50, 60, 60),
            Field::number('rpm', 'r/min', 'speed at full load', 300, 3590, $rpm),
        ];
    }

    protected function plateSlip(): float
    {
        return SynchronousSpeed::slip($this->part->number('rpm'), $this->part->number('hertz'));
    }

    /** @return list<FaultMode> */
    protected function commonFaults(): array
    {
        return [
            ...($this->turnsWheel() ? Wheel::faults() : []),
            new FaultMode('grounded', 'winding grounded', 0.8, 'Ω', signs: Sign::BURNT),
            new FaultMode('leaky', 'insulation leaky to ground', 0.09, 'Ω'),
            new FaultMode('dragging', 'dragging: bearing or wheel', 0.09, 'share of rated load', FaultMode::DRAG, Sign::DRAGS),
        ];
    }

    #[\Override]
    public function senses(): array
    {
        $by = $this->part->text('load_by');

        return $by === '' ? [] : [$by];
    }

    protected function load(Setting $setting): Load
    {
        $by = $this->part->text('load_by');
        $share = Wheel::share($setting) * $this->part->number('load') * ($by === '' ? 1.0 : $setting->quantity($by))
            + $setting->degree('dragging', 0.6, 0.0);

        return new Load($share, $this->loadExponent(), $this->ratedSlip(), $this->breakaway(), $this->inertia());
    }

    /** What it has to turn while it comes up. */
    protected function startingLoad(Setting $setting): Load
    {
        return $this->load($setting);
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($state === Running::TRIPPED) {
            return $state;
        }
        if (! $this->isFree($setting)) {
            return Running::STILL;
        }
        if (! $this->isFed($voltages)) {
            return $state;
        }
        if ($state === Running::STILL) {
            $starting = Running::starting($this->isTurnedBack($voltages));

            return $this->comesUp($starting, $setting, $voltages) ? $starting : $state;
        }
        if (! Running::is($state)) {
            return $state;
        }
        $slip = $this->slipOf($state);
        $next = $this->carryingSlip($slip, $setting, $this->torqueCurve($state, $setting, $voltages));

        return $next === null || $next === $slip || self::takesTime($slip, $next)
            ? $state
            : Running::at($next, Running::isBackwards($state));
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        if (Running::isStarting($state)) {
            return [$this->comesUp($state, $setting, $voltages)
                ? new Pending(
                    Running::rated(Running::isBackwards($state)),
                    $this->startingLoad($setting)->secondsToSpeed($this->torqueCurve($state, $setting, $voltages)),
                )
                : new Pending(Running::STILL, self::GIVES_UP)];
        }
        if (! Running::is($state)) {
            return [];
        }
        $slip = $this->slipOf($state);
        $torque = $this->isFed($voltages) ? $this->torqueCurve($state, $setting, $voltages) : static fn (float $slip): float => 0.0;
        $next = $this->carryingSlip($slip, $setting, $torque);
        if ($next === null) {
            return [new Pending(Running::STILL, $this->load($setting)->secondsToStandstill($slip, $torque))];
        }

        return self::takesTime($slip, $next)
            ? [new Pending(
                Running::at($next, Running::isBackwards($state)),
                $this->load($setting)->secondsBetween($slip, $next, $torque),
            )]
            : [];
    }

    #[\Override]
    public function told(string $state, string $seen): string
    {
        return Running::isStarting($state) ? Running::STARTS : parent::told($state, $seen);
    }

    /** It hums when it does not come up, is not open on its overload, and takes a good part of its locked current. */
    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        $amps = $state === Running::TRIPPED ? 0.0 : $this->heatingAmps($state, $setting, $voltages);

        return match (true) {
            ! Running::is($state) => $amps > 0.25 * $this->part->number('lra') ? 'hums' : 'silent',
            $amps < self::UNFED * $this->part->number('fla') => 'silent',
            Running::isBackwards($state) => 'runs backwards',
            default => Wheel::isLoose($setting) ? Wheel::WITHOUT : 'runs',
        };
    }

    private function isFed(Voltages $voltages): bool
    {
        return $this->windingVolts($voltages) > self::UNFED * $this->part->number('volts');
    }

    private function comesUp(string $state, Setting $setting, Voltages $voltages): bool
    {
        return $this->torqueCurve($state, $setting, $voltages)(1.0) >= $this->startingLoad($setting)->torqueAt(1.0);
    }

    protected function slipOf(string $state): float
    {
        return Running::slip($state, $this->ratedSlip());
    }

    /**
     * The slip at which a motor that turns carries its load: the same while it does, another, or none.
     *
     * @param  callable(float): float  $torque  of the motor at a slip, as a share of rated
     */
    private function carryingSlip(float $slip, Setting $setting, callable $torque): ?float
    {
        $load = $this->load($setting);

        return $load->isCarriedAt($slip, $torque) ? $slip : $load->slipFrom($slip, $torque);
    }

    private static function takesTime(float $slip, float $next): bool
    {
        return max($slip, $next) > self::AT_ONCE * min($slip, $next);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\PlateContradiction;
use Levin\Core\Parts\Machines\TwoWindingMotor;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * What all permanent-split-capacitor motors share: run winding R–C, start winding S–C, an overload in the common lead.
 *
 * From standstill it starts when its torque with the rotor locked beats the starting load; it goes on running while its
 * torque at rated slip beats half the rated load.
 */
abstract class CapacitorMotor extends Component
{
    private ?TwoWindingMotor $machine = null;

    /** Torque needed to break away, as a fraction of rated torque. [practice, no published source] */
    abstract protected function breakaway(): float;

    /** @return list<FaultMode> modes beyond those every such motor has */
    abstract protected function ownFaults(): array;

    /** @return list<Field> */
    protected static function motorFields(): array
    {
        return [
            Field::number('volts', 'V', 'rated voltage', 24, 600),
            Field::number('hertz', 'Hz', 'rated frequency', 50, 60, 60),
            Field::number('fla', 'A', 'full-load (or rated-load) current', 0.05, 200),
            Field::number('lra', 'A', 'locked-rotor current', 0.1, 1200),
            Field::number('run_ohms', 'Ω', 'run winding, cold', 0.01, 2000),
            Field::number('start_ohms', 'Ω', 'start winding, cold', 0.01, 4000),
            Field::number('capacitor_uf', 'µF', 'run capacitor it is made for', 0.5, 200),
            Field::number('turns_ratio', '', 'start to run winding turns', 0.5, 3, 1.25),
        ];
    }

    /** @throws PlateContradiction */
    public function machine(): TwoWindingMotor
    {
        $p = $this->part;

        return $this->machine ??= TwoWindingMotor::fromPlate(
            $p->number('volts'), $p->number('hertz'), $p->number('fla'), $p->number('lra'),
            $p->number('run_ohms'), $p->number('start_ohms'), $p->number('capacitor_uf') * 1e-6, $p->number('turns_ratio'),
        );
    }

    public function elements(): array
    {
        return [
            Element::coupled('R', '@i', 'S', '@i'),
            Element::between('@i', 'C'),
            Element::between('R', '@i'),
            Element::between('R', '#case'),
        ];
    }

    public function initialState(): string
    {
        return 'still';
    }

    public function stamps(string $state, Setting $setting): array
    {
        return [
            $this->windings($state, $setting),
            Values::contact(! $setting->has('overload-open')),
            Values::short($setting->has('run-shorted')),
            Values::short($setting->has('grounded')),
        ];
    }

    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($setting->has('seized')) {
            return 'still';
        }
        $needed = $state === 'running' ? 0.5 : $this->breakaway();

        return $this->torque($state, $setting, $voltages) >= $needed ? 'running' : 'still';
    }

    public function observables(): array
    {
        return ['runs', 'hums', 'silent'];
    }

    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($state === 'running') {
            return 'runs';
        }
        [$run, $aux] = $this->currents($state, $setting, $voltages);

        return $run->plus($aux)->abs() > 0.25 * $this->part->number('lra') ? 'hums' : 'silent';
    }

    public function faults(): array
    {
        return [
            new FaultMode('run-open', 'run winding open', 1.0),
            new FaultMode('start-open', 'start winding open', 1.0),
            new FaultMode('run-shorted', 'run winding shorted', 0.6),
            new FaultMode('grounded', 'winding grounded', 0.8),
            ...$this->ownFaults(),
        ];
    }

    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Motor, 'R', 'C', 'run'),
            new Symbol(SymbolShape::Winding, 'S', 'C', 'start'),
        ];
    }

    public function probePairs(): array
    {
        return [...parent::probePairs(), ['S', 'R']];
    }

    /** @return list<float> */
    private function windings(string $state, Setting $setting): array
    {
        $runOpen = $setting->has('run-open');
        $startOpen = $setting->has('start-open');
        if ($setting->isDirect()) {
            $zero = new Complex(0);

            return Values::twoPort(new Complex($this->part->number('run_ohms')), $zero, $zero, new Complex($this->part->number('start_ohms')), $runOpen, $startOpen);
        }

        return Values::twoPort(...$this->machine()->impedances($this->slip($state)), firstOpen: $runOpen, secondOpen: $startOpen);
    }

    private function slip(string $state): float
    {
        return $state === 'running' ? $this->machine()->slip : 1.0;
    }

    private function torque(string $state, Setting $setting, Voltages $voltages): float
    {
        return $this->machine()->relativeTorque(...$this->currents($state, $setting, $voltages), slip: $this->slip($state));
    }

    /** @return array{Complex, Complex} into R and into S, amperes */
    private function currents(string $state, Setting $setting, Voltages $voltages): array
    {
        $y = $this->windings($state, $setting);
        $run = $voltages->across('R', '@i');
        $aux = $voltages->across('S', '@i');

        return [
            (new Complex($y[0], $y[1]))->times($run)->plus((new Complex($y[2], $y[3]))->times($aux)),
            (new Complex($y[4], $y[5]))->times($run)->plus((new Complex($y[6], $y[7]))->times($aux)),
        ];
    }
}

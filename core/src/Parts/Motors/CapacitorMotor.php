<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\RatedMotor;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Machines\TwoWindingFit;
use Levin\Core\Parts\Machines\TwoWindingPlate;
use Levin\Core\Parts\PlateContradiction;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * What single-phase motors with a run and a start winding share: run winding R–C, start winding S–C, an overload in the
 * common lead.
 *
 * The start winding's circuit outside the motor is taken as the impedance its voltage and current now show, so a weak
 * capacitor slows the motor as it should.
 */
abstract class CapacitorMotor extends InductionMotor
{
    /** The share of the run winding that is bridged when turns are shorted: ohms across it, as a share of its own. [practice] */
    private const TURNS = 0.5;

    private ?RatedMotor $machine = null;

    /** @var array<string, list<float>> windings worked out before, by what they depend on */
    private array $worked = [];

    /** Whether a centrifugal switch takes the start winding out once the motor turns. */
    protected function hasStartSwitch(): bool
    {
        return false;
    }

    /** @return list<Field> */
    protected static function motorFields(float $rpm): array
    {
        return [
            Field::number('volts', 'V', 'rated voltage', 24, 600),
            ...self::speedFields($rpm),
            Field::number('fla', 'A', 'full-load (or rated-load) current', 0.05, 200),
            Field::number('lra', 'A', 'locked-rotor current', 0.1, 1200),
            Field::number('run_ohms', 'Ω', 'run winding, cold', 0.01, 2000),
            Field::number('start_ohms', 'Ω', 'start winding, cold', 0.01, 4000),
            Field::number('capacitor_uf', 'µF', 'capacitor it is made for', 0.5, 400),
            Field::number('capacitor_volts', 'V', 'what that capacitor is rated for', 165, 660, 440),
            Field::choice('start_across', 'what the start winding and its capacitor lie across', ['run winding', 'half of it']),
            ...self::loadFields(),
        ];
    }

    /** @throws PlateContradiction */
    public function machine(): RatedMotor
    {
        $p = $this->part;

        return $this->machine ??= TwoWindingFit::of(new TwoWindingPlate(
            $p->number('volts'),
            $p->number('hertz'),
            $p->number('fla'),
            $p->number('lra'),
            $this->plateSlip(),
            $p->number('run_ohms'),
            $p->number('start_ohms'),
            $this->returns(),
            $this->hasStartSwitch() ? null : $p->number('capacitor_uf') * 1e-6,
            $p->number('capacitor_volts'),
        ));
    }

    /** The share of the run winding between the start winding's return and C. */
    private function returns(): float
    {
        return $this->part->text('start_across') === 'half of it' ? 0.5 : 0.0;
    }

    #[\Override]
    public function check(): void
    {
        $this->machine();
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $start = $this->hasStartSwitch() ? '@s' : 'S';
        $switched = ! $setting->has('switch-open') && (! Running::is($state) || $setting->has('switch-stuck'));
        $bridged = match (true) {
            $setting->has('run-shorted') => Values::ohms(Values::SHORT_OHMS),
            $setting->has('turns-shorted') => Values::ohms(
                $this->part->number('run_ohms') * $setting->amount('turns-shorted', self::TURNS),
            ),
            default => Values::OPEN,
        };

        return [
            Element::coupled('R', '@i', $start, '@i', $this->windings($state, $setting)),
            Element::between('@i', 'C', Values::contact(! $setting->has('overload-open') && $state !== Running::TRIPPED)),
            Element::between('R', '@i', $bridged),
            Element::between('R', '#case', Values::insulation($setting, Values::MOTOR_FARADS)),
            ...($this->hasStartSwitch() ? [Element::between('S', '@s', Values::contact($switched))] : []),
        ];
    }

    #[\Override]
    protected function isFree(Setting $setting): bool
    {
        return ! $setting->has('seized') && ! $setting->has('overload-open') && ! $setting->has('run-open');
    }

    #[\Override]
    public function observables(): array
    {
        return [...$this->seenRunning(), 'hums', 'silent'];
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('run-open', 'run winding open', 1.0),
            new FaultMode('start-open', 'start winding open', 1.0),
            new FaultMode('run-shorted', 'run winding shorted', 0.6, signs: Sign::BURNT),
            new FaultMode('turns-shorted', 'turns of the run winding shorted', 0.09, 'share of its ohms', [0.85, 0.7, 0.5]),
            ...$this->commonFaults(),
            ...$this->ownFaults(),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Motor, 'R', 'C', 'run'),
            new Symbol(SymbolShape::Winding, 'S', 'C', 'start'),
        ];
    }

    #[\Override]
    public function probePairs(): array
    {
        return [...parent::probePairs(), ['S', 'R']];
    }

    #[\Override]
    protected function torqueCurve(string $state, Setting $setting, Voltages $voltages): callable
    {
        $machine = $this->machine();
        [$volts, $start] = $this->windingsOf($voltages);
        [, $aux] = $this->currents($state, $setting, $volts, $start);
        $series = $setting->has('start-open') || $aux->abs() < 1e-4 * $this->part->number('fla') ? null : $volts->minus($start)->over($aux);

        return static fn (float $slip): float => $machine->shareFedThrough($volts, $series, $slip);
    }

    #[\Override]
    protected function windingVolts(Voltages $voltages): float
    {
        [$run, $start] = $this->windingsOf($voltages);

        return max($run->abs(), $start->abs());
    }

    /** @return list<float> */
    private function windings(string $state, Setting $setting): array
    {
        [$runOpen, $startOpen] = [$setting->has('run-open'), $setting->has('start-open')];
        if ($setting->isDirect()) {
            return $this->ohmicWindings($setting, $runOpen, $startOpen);
        }

        return $this->worked[$state.($runOpen ? ' r' : '').($startOpen ? ' s' : '')] ??= Values::twoPort(
            ...$this->machine()->motor->impedances($this->slipOf($state)), firstOpen: $runOpen, secondOpen: $startOpen,
        );
    }

    /** @return list<float> to direct current */
    private function ohmicWindings(Setting $setting, bool $runOpen, bool $startOpen): array
    {
        $run = new Complex($this->warmOhms($this->part->number('run_ohms'), $setting));
        $half = $run->scaled($this->returns());
        $start = (new Complex($this->warmOhms($this->part->number('start_ohms'), $setting)))->plus($half);

        return Values::twoPort($run, $half, $half, $start, $runOpen, $startOpen);
    }

    /** @return array{Complex, Complex} over the run and over the start winding, volts */
    private function windingsOf(Voltages $voltages): array
    {
        return [$voltages->across('R', '@i'), $voltages->across($this->hasStartSwitch() ? '@s' : 'S', '@i')];
    }

    /** @return array{Complex, Complex} into R and into S, amperes */
    private function currents(string $state, Setting $setting, Complex $run, Complex $start): array
    {
        $y = $this->windings($state, $setting);

        return [
            (new Complex($y[0], $y[1]))->times($run)->plus((new Complex($y[2], $y[3]))->times($start)),
            (new Complex($y[4], $y[5]))->times($run)->plus((new Complex($y[6], $y[7]))->times($start)),
        ];
    }

    #[\Override]
    protected function ratedSlip(): float
    {
        return $this->machine()->slip;
    }

    #[\Override]
    protected function heatingAmps(string $state, Setting $setting, Voltages $voltages): float
    {
        [$run, $aux] = $this->currents($state, $setting, ...$this->windingsOf($voltages));

        return $run->plus($aux)->abs();
    }

    #[\Override]
    protected function burntMode(): string
    {
        return 'run-open';
    }
}

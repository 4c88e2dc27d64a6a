<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\DeltaWindings;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Machines\ThreePhaseMotor;
use Levin\Core\Parts\Machines\Windings;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * What three-phase motors and compressors share: leads T1, T2, T3, each with its part of the internal overload, joined inside as a
 * wye or a delta.
 *
 * It turns the way the phase sequence says: with two leads swapped it runs backwards, seen as such. A motor that single-phases
 * at standstill has no torque and hums; one that loses a phase while it runs goes on, at a higher current, if it can.
 */
abstract class ThreePhaseLoad extends ThreePhaseMachine
{
    private const LEADS = [1, 2, 3];

    /** @var array<string, list<float>> windings worked out before, by what they depend on */
    private array $worked = [];

    /** @return list<Field> */
    protected static function motorFields(float $rpm): array
    {
        return [
            Field::number('volts', 'V', 'rated voltage, line to line', 100, 720),
            ...self::speedFields($rpm),
            Field::number('fla', 'A', 'full-load (or rated-load) current', 0.1, 600),
            Field::number('lra', 'A', 'locked-rotor current', 0.2, 4000),
            Field::number('power_factor', '', 'at full load', 0.3, 0.97, 0.85),
            Field::number('winding_ohms', 'Ω', 'between two leads, cold', 0.005, 500),
            Field::choice('connection', 'how its windings are joined inside', ['wye', 'delta']),
            ...self::loadFields(),
        ];
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $bridged = match (true) {
            $setting->has('shorted') => Values::ohms(Values::SHORT_OHMS),
            $setting->has('turns-shorted') => Values::ohms($this->part->number('winding_ohms') * $setting->amount('turns-shorted', 3.0)),
            default => Values::OPEN,
        };

        return [
            Element::coupled('@1', '@3', '@2', '@3', $this->windings($state, $setting)),
            ...array_map(fn (int $n): Element => Element::between("T$n", "@$n", $this->lead($n, $state, $setting)), self::LEADS),
            Element::between('@1', '@2', $bridged),
            Element::between('@1', '#case', Values::insulation($setting, Values::MOTOR_FARADS)),
        ];
    }

    /** @return list<float> one lead, through its part of the overload and, of a wye, its winding */
    private function lead(int $n, string $state, Setting $setting): array
    {
        $winding = $this->isDelta() || ! $setting->has("winding$n-open");

        return Values::contact($state !== Running::TRIPPED && ! $setting->has('overload-open') && $winding);
    }

    #[\Override]
    protected function isFree(Setting $setting): bool
    {
        return ! $setting->has('seized') && ! $setting->has('overload-open');
    }

    #[\Override]
    protected function isTurnedBack(Voltages $voltages): bool
    {
        [$positive, $negative] = ThreePhaseMotor::sequences($voltages->across('@1', '@3'), $voltages->across('@2', '@3'));

        return $negative->abs() > $positive->abs();
    }

    #[\Override]
    protected function windingVolts(Voltages $voltages): float
    {
        return max($voltages->volts('@1', '@3'), $voltages->volts('@2', '@3'));
    }

    /** Once it turns, the leads' own voltages hold: a running motor regenerates the leg it has lost. */
    #[\Override]
    protected function torqueCurve(string $state, Setting $setting, Voltages $voltages): callable
    {
        [$with, $against] = $this->sequenceVolts($state, $setting, $voltages);
        if (Running::isBackwards($state)) {
            [$with, $against] = [$against, $with];
        }
        $machine = $this->machine();

        return static fn (float $slip): float => $machine->relativeTorque($with, $against, $slip);
    }

    #[\Override]
    public function faults(): array
    {
        return [
            ...array_map(fn (int $n): FaultMode => new FaultMode(
                "winding$n-open",
                $this->isDelta() ? sprintf('winding T%d–T%d open', $n, $n % 3 + 1) : "winding T$n open",
                0.5,
            ), self::LEADS),
            new FaultMode('shorted', 'windings T1 and T2 shorted together', 0.5, signs: Sign::BURNT),
            new FaultMode('turns-shorted', 'turns shorted between T1 and T2', 0.09, 'share of its ohms', [6.0, 3.0, 1.5]),
            ...$this->commonFaults(),
            ...$this->ownFaults(),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [Symbol::onThreeLines(SymbolShape::ThreePhaseMotor, 'T1', 'T2', 'T3', 'three-phase')];
    }

    #[\Override]
    public function probePairs(): array
    {
        return [['T1', 'T2'], ['T2', 'T3'], ['T1', 'T3']];
    }

    private function isDelta(): bool
    {
        return $this->part->text('connection') === 'delta';
    }

    /** @return list<float> */
    private function windings(string $state, Setting $setting): array
    {
        if ($this->isDelta()) {
            return $this->delta($state, $setting)->admittances();
        }
        if ($setting->isDirect()) {
            $y = (new Complex($this->warmOhms($this->part->number('winding_ohms'), $setting) / 2))->inverse();

            return ThreePhaseMotor::admittances($y, $y);
        }

        return $this->worked[$state] ??= ThreePhaseMotor::admittances(...$this->sequenceAdmittances($state));
    }

    /** A delta's windings have three times the impedance of the star that would act alike, and half again a pair's ohms. */
    private function delta(string $state, Setting $setting): DeltaWindings
    {
        $open = array_values(array_filter([0, 1, 2], static fn (int $n): bool => $setting->has('winding'.($n + 1).'-open')))[0] ?? null;
        if ($setting->isDirect()) {
            $y = (new Complex(1.5 * $this->warmOhms($this->part->number('winding_ohms'), $setting)))->inverse();

            return new DeltaWindings(Windings::three($y, $y, $y), $open);
        }
        [$positive, $negative] = array_map(static fn (Complex $y): Complex => $y->scaled(1 / 3), $this->sequenceAdmittances($state));

        return new DeltaWindings(
            Windings::three($this->machine()->statorImpedance()->inverse()->scaled(1 / 3), $positive, $negative),
            $open,
        );
    }

    /** @return array{Complex, Complex} of a phase to the positive and to the negative sequence, siemens */
    private function sequenceAdmittances(string $state): array
    {
        $slip = $this->slipOf($state);
        $with = $this->machine()->impedance($slip)->inverse();
        $against = $this->machine()->impedance(2 - $slip)->inverse();

        return Running::isBackwards($state) ? [$against, $with] : [$with, $against];
    }

    /** @return array{float, float} positive and negative */
    private function sequenceVolts(string $state, Setting $setting, Voltages $voltages): array
    {
        [$v13, $v23] = [$voltages->across('@1', '@3'), $voltages->across('@2', '@3')];
        if ($this->isDelta()) {
            return $this->delta($state, $setting)->sequences($v13, $v23);
        }
        [$positive, $negative] = ThreePhaseMotor::sequences($v13, $v23);

        return [$positive->abs(), $negative->abs()];
    }

    /** The current of the lead that carries most. */
    #[\Override]
    protected function heatingAmps(string $state, Setting $setting, Voltages $voltages): float
    {
        $most = 0.0;
        foreach (self::LEADS as $n) {
            $most = max($most, $voltages->volts("T$n", "@$n") * $this->lead($n, $state, $setting)[0]);
        }

        return $most;
    }

    #[\Override]
    protected function burntMode(): string
    {
        return 'winding1-open';
    }
}

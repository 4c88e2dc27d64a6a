<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Demand;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Machines\Windings;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A dual-voltage motor with nine leads, its star point inside: windings T1–T4, T2–T5, T3–T6, and from T7, T8, T9 to the star. For
 * the higher voltage T4–T7, T5–T8, T6–T9 are joined in the box; for the lower T1–T7, T2–T8, T3–T9, and T4, T5, T6 to each other
 * (NEMA MG 1, part 2, terminal markings; from memory). The wires in the box are wires of the file. Its overload is outside.
 */
final class MotorNineLead extends ThreePhaseMachine
{
    private const PHASES = [1, 2, 3];

    /** From its outer and its inner windings: terminals at either end of each. */
    private const HALVES = [['T1', 'T4'], ['T2', 'T5'], ['T3', 'T6'], ['T7', '@n'], ['T8', '@n'], ['T9', '@n']];

    /** @var array<string, Windings> worked out before, by what they depend on */
    private array $worked = [];

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'motor-nine-lead',
            'Motor, three phase, nine leads',
            ['T1', 'T2', 'T3', 'T4', 'T5', 'T6', 'T7', 'T8', 'T9'],
            [
                Field::number('volts', 'V', 'the higher rated voltage, line to line', 200, 720),
                ...self::speedFields(1746),
                Field::number('fla', 'A', 'full-load current at the higher voltage', 0.1, 300),
                Field::number('lra', 'A', 'locked-rotor current at the higher voltage', 0.2, 2000),
                Field::number('power_factor', '', 'at full load', 0.3, 0.97, 0.85),
                Field::number('winding_ohms', 'Ω', 'between two line leads joined for the higher voltage, cold', 0.005, 500),
                Field::choice('joined_for', 'the voltage its leads are joined for, for what the circuit must carry', ['higher', 'lower']),
                ...self::loadFields(),
            ],
            usual: ['volts' => 460, 'rpm' => 1745, 'fla' => 4.8, 'lra' => 32, 'power_factor' => 0.82, 'winding_ohms' => 6.5],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $y = $this->windings($state, $setting)->admittances;
        $elements = [];
        foreach (self::HALVES as $i => [$a, $b]) {
            $elements[] = Element::between($a, $b, [$y[$i][$i]->re, $y[$i][$i]->im]);
            for ($j = 0; $j < $i; $j++) {
                $elements[] = Element::coupled(
                    $a,
                    $b,
                    ...[...self::HALVES[$j], [0.0, 0.0, $y[$i][$j]->re, $y[$i][$j]->im, $y[$j][$i]->re, $y[$j][$i]->im, 0.0, 0.0]],
                );
            }
        }
        $elements[] = Element::between('T1', '#case', Values::insulation($setting, Values::MOTOR_FARADS));

        return $elements;
    }

    #[\Override]
    protected function isFree(Setting $setting): bool
    {
        return ! $setting->has('seized');
    }

    #[\Override]
    protected function isTurnedBack(Voltages $voltages): bool
    {
        [$positive, $negative] = self::sequences(self::over($voltages));

        return $negative > $positive;
    }

    /** A half winding has half the volts of its phase, or less. */
    #[\Override]
    protected function windingVolts(Voltages $voltages): float
    {
        return 2 * max(array_map(static fn (Complex $volts): float => $volts->abs(), self::over($voltages)));
    }

    #[\Override]
    protected function torqueCurve(string $state, Setting $setting, Voltages $voltages): callable
    {
        $over = self::over($voltages);
        $whole = $this->whole($state);
        foreach ($this->open($setting) as $open) {
            $over = $whole->induced($over, $open);
        }
        [$with, $against] = self::sequences($over);
        if (Running::isBackwards($state)) {
            [$with, $against] = [$against, $with];
        }
        $machine = $this->machine();

        return static fn (float $slip): float => $machine->relativeTorque($with, $against, $slip);
    }

    #[\Override]
    protected function overload(): ?Overload
    {
        return null;
    }

    #[\Override]
    public function faults(): array
    {
        return [
            ...array_map(
                static fn (array $ends, int $n): FaultMode => new FaultMode(
                    'winding'.($n + 1).'-open',
                    'winding '.$ends[0].' – '.($ends[1] === '@n' ? 'star' : $ends[1]).' open',
                    0.25,
                ),
                self::HALVES,
                array_keys(self::HALVES),
            ),
            ...$this->commonFaults(),
            ...$this->ownFaults(),
        ];
    }

    #[\Override]
    protected function ownFaults(): array
    {
        return [new FaultMode('seized', 'bearings seized', 1.5, signs: Sign::SEIZED)];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Motor, 'T1', 'T4', '1'),
            new Symbol(SymbolShape::Winding, 'T2', 'T5', '2'),
            new Symbol(SymbolShape::Winding, 'T3', 'T6', '3'),
            new Symbol(SymbolShape::Winding, 'T7', 'T8', 'star'),
            new Symbol(SymbolShape::Winding, 'T8', 'T9', 'star'),
        ];
    }

    #[\Override]
    public function probePairs(): array
    {
        return [...parent::probePairs(), ['T7', 'T9']];
    }

    #[\Override]
    public function demand(): Demand
    {
        $amps = $this->part->number('fla') * ($this->part->text('joined_for') === 'lower' ? 2.0 : 1.0);

        return new Demand($this->demandOf(), $amps, $this->part->terminals);
    }

    /** The current of the winding that carries most: at either voltage the plate's for the higher one is what it is rated for. */
    #[\Override]
    protected function heatingAmps(string $state, Setting $setting, Voltages $voltages): float
    {
        $amps = $this->windings($state, $setting)->currents(self::over($voltages));

        return max(array_map(static fn (Complex $i): float => $i->abs(), $amps));
    }

    #[\Override]
    protected function burntMode(): string
    {
        return 'winding1-open';
    }

    /** @return non-empty-list<Complex> volts over each winding */
    private static function over(Voltages $voltages): array
    {
        return array_map(static fn (array $ends): Complex => $voltages->across(...$ends), self::HALVES);
    }

    /**
     * @param  non-empty-list<Complex>  $over  volts over each winding
     * @return array{float, float} positive and negative, of the phases
     */
    private static function sequences(array $over): array
    {
        return Windings::sequences(...array_map(static fn (int $n): Complex => $over[$n - 1]->plus($over[$n + 2]), self::PHASES));
    }

    private function windings(string $state, Setting $setting): Windings
    {
        $open = $this->open($setting);
        $windings = $setting->isDirect() ? $this->ohmic($setting) : $this->whole($state);

        return array_reduce($open, static fn (Windings $w, int $n): Windings => $w->without($n), $windings);
    }

    private function ohmic(Setting $setting): Windings
    {
        $phase = new Complex($this->warmOhms($this->part->number('winding_ohms') / 2, $setting));
        $y = $phase->inverse();

        return Windings::halves(Windings::three($y, $y, $y), $phase);
    }

    private function whole(string $state): Windings
    {
        return $this->worked[$state] ??= $this->work($state);
    }

    private function work(string $state): Windings
    {
        $slip = $this->slipOf($state);
        $with = $this->machine()->impedance($slip)->inverse();
        $against = $this->machine()->impedance(2 - $slip)->inverse();
        $leakage = $this->machine()->statorImpedance();
        $phases = Running::isBackwards($state)
            ? Windings::three($leakage->inverse(), $against, $with)
            : Windings::three($leakage->inverse(), $with, $against);

        return Windings::halves($phases, $leakage);
    }

    /** @return list<int> which windings are */
    private function open(Setting $setting): array
    {
        return array_values(array_filter(
            array_keys(self::HALVES),
            static fn (int $n): bool => $setting->has('winding'.($n + 1).'-open'),
        ));
    }
}

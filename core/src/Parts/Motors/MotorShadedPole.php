<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A shaded-pole motor: two leads, little torque. Running and stalled it is an impedance from its plate, at power factors of 0.55 and
 * 0.65; it turns while it has 60 % of its volts. [practice, no published source]
 */
final class MotorShadedPole extends Motor
{
    private const TURNS_FROM = 0.6;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('motor-shaded-pole', 'Motor, shaded pole', ['1', '2'], [
            Field::number('volts', 'V', 'rated voltage', 24, 600),
            Field::number('fla', 'A', 'full-load current', 0.05, 10),
            Field::number('lra', 'A', 'stalled current', 0.05, 20),
            Field::number('ohms', 'Ω', 'winding, cold', 0.5, 5000),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            Element::between('1', '2', $this->winding($state, $setting)),
            Element::between('1', '#case', Values::insulation($setting, Values::MOTOR_FARADS)),
        ];
    }

    /** @return list<float> */
    private function winding(string $state, Setting $setting): array
    {
        $running = Running::is($state);
        $size = $this->part->number('volts') / $this->part->number($running ? 'fla' : 'lra');
        $factor = $running ? 0.55 : 0.65;

        return match (true) {
            $setting->has('open') || $state === Running::TRIPPED => Values::OPEN,
            $setting->has('shorted') => Values::ohms(Values::SHORT_OHMS),
            $setting->isDirect() => Values::ohms($this->warmOhms($this->part->number('ohms'), $setting)),
            default => Values::impedance(new Complex($size * $factor, $size * sqrt(1 - $factor ** 2))),
        };
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($state === Running::TRIPPED) {
            return $state;
        }
        if ($setting->has('seized') || $setting->has('open') || $setting->has('shorted')) {
            return Running::STILL;
        }

        return $voltages->across('1', '2')->abs() >= self::TURNS_FROM * $this->part->number('volts') ? 'running' : Running::STILL;
    }

    #[\Override]
    protected function heatingAmps(string $state, Setting $setting, Voltages $voltages): float
    {
        $y = $this->winding($state, $setting);

        return $voltages->across('1', '2')->abs() * hypot($y[0], $y[1]);
    }

    #[\Override]
    public function observables(): array
    {
        return ['runs', 'silent'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return Running::is($state) ? 'runs' : 'silent';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('open', 'winding open', 1.2),
            new FaultMode('shorted', 'winding shorted', 0.3),
            new FaultMode('grounded', 'winding grounded', 0.4, 'Ω'),
            new FaultMode('seized', 'bearings seized', 2.0),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Motor, '1', '2')];
    }

    #[\Override]
    protected function burntMode(): string
    {
        return 'open';
    }
}

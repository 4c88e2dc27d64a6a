<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
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

    /** Seconds to come up and to stand. [practice, no published source] */
    private const COMES_UP = 1.5;

    private const COASTS = 3.0;

    #[\Override]
    public function hasShaft(): bool
    {
        return true;
    }

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('motor-shaded-pole', 'Motor, shaded pole', ['1', '2'], [
            Field::number('volts', 'V', 'rated voltage', 24, 600),
            Field::number('fla', 'A', 'full-load current', 0.05, 10),
            Field::number('lra', 'A', 'stalled current', 0.05, 20),
            Field::number('ohms', 'Ω', 'winding, cold', 0.5, 5000),
        ],
            usual: ['volts' => 240, 'fla' => 0.5, 'lra' => 0.8, 'ohms' => 120],
        );
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
        $size = $this->part->number('volts') / $this->part->number($running ? 'fla' : 'lra') * $this->lightened($running, $setting);
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
        return match (true) {
            $state === Running::TRIPPED || Running::is($state) && $this->isFree($setting) => $state,
            ! $this->isFree($setting) => Running::STILL,
            $state === Running::STILL => $this->isFed($voltages) ? Running::starting() : $state,
            default => $state,
        };
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        $fed = $this->isFed($voltages);

        return match (true) {
            Running::isStarting($state) && $fed => [new Pending(Running::rated(), self::COMES_UP)],
            $state !== Running::STILL && $state !== Running::TRIPPED && ! $fed => [new Pending(Running::STILL, self::COASTS)],
            default => [],
        };
    }

    /** How much more it stands in the way of its current for what it does not have to turn. [practice, no published source] */
    private function lightened(bool $running, Setting $setting): float
    {
        return $running ? 1.0 / (0.7 + 0.3 * min(2.0, Wheel::share($setting))) : 1.0;
    }

    private function isFree(Setting $setting): bool
    {
        return ! $setting->has('seized') && ! $setting->has('open') && ! $setting->has('shorted');
    }

    private function isFed(Voltages $voltages): bool
    {
        return $voltages->volts('1', '2') >= self::TURNS_FROM * $this->part->number('volts');
    }

    #[\Override]
    public function told(string $state, string $seen): string
    {
        return Running::isStarting($state) ? Running::STARTS : parent::told($state, $seen);
    }

    #[\Override]
    protected function heatingAmps(string $state, Setting $setting, Voltages $voltages): float
    {
        $y = $this->winding($state, $setting);

        return $voltages->volts('1', '2') * hypot($y[0], $y[1]);
    }

    #[\Override]
    public function observables(): array
    {
        return ['runs', Wheel::WITHOUT, 'silent'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            ! Running::is($state) || ! $this->isFed($voltages) => 'silent',
            default => Wheel::isLoose($setting) ? Wheel::WITHOUT : 'runs',
        };
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('open', 'winding open', 1.2),
            new FaultMode('shorted', 'winding shorted', 0.3, signs: Sign::BURNT),
            new FaultMode('grounded', 'winding grounded', 0.4, 'Ω'),
            new FaultMode('seized', 'bearings seized', 2.0, signs: Sign::SEIZED),
            ...Wheel::faults(),
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

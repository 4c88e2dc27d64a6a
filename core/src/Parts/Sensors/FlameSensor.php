<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sensors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A flame rod. A flame between a small rod and a wide burner rectifies what a.c. the rod has: its direct current is the mean of one
 * half wave, 0.45 of the r.m.s. volts [physics], behind the flame's own 10 MΩ [practice]. A board that feeds it 120 V through 2 MΩ
 * finds about 4 µA; stray capacitance passes a.c. and rectifies nothing. A coated rod adds to the flame's ohms.
 */
final class FlameSensor extends Kind
{
    private const FLAME_OHMS = 10e6;

    private const HALF_WAVE = 0.45;

    private const NO_FLAME = 'no flame';

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'flame-sensor',
            'Flame sensor',
            ['S'],
            [Field::quantity('senses', 'the flame: above a half it burns', required: true)],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $siemens = match (true) {
            $setting->has('grounded') => Values::ohms($setting->amount('grounded', 1.0)),
            $state === self::NO_FLAME => Values::OPEN,
            default => Values::ohms(self::FLAME_OHMS + $setting->degree('dirty', 3e8, 0.0)),
        };
        $rectifies = $setting->sources && $setting->isDirect() && ! $setting->has('grounded') && $state !== self::NO_FLAME;
        $volts = $rectifies ? self::HALF_WAVE * self::rodVolts($state) : 0.0;

        return [Element::source('S', '#case', [...$siemens, $siemens[0] * $volts, 0.0])];
    }

    #[\Override]
    public function isFlameRod(): bool
    {
        return true;
    }

    #[\Override]
    public function initialState(): string
    {
        return self::NO_FLAME;
    }

    /** States: no flame, or `flame` and the whole volts a.c. on the rod. */
    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        return $setting->quantity($this->part->text('senses')) > 0.5
            ? sprintf('flame %.0f', $voltages->volts('S', '#case'))
            : self::NO_FLAME;
    }

    #[\Override]
    public function told(string $state, string $seen): string
    {
        return strstr($state, ' ', true) === 'flame' ? 'flame' : $state;
    }

    private static function rodVolts(string $state): float
    {
        return (float) substr($state, strlen('flame '));
    }

    #[\Override]
    public function setPoints(): array
    {
        return [[$this->part->text('senses'), 0.5]];
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('dirty', 'coated', 3.0, 'Ω'),
            new FaultMode('grounded', 'touches the burner, or its porcelain is cracked', 0.6, 'Ω'),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [];
    }
}

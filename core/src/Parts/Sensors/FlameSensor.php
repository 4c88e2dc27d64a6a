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
 * A flame rod. The flame between rod and burner is taken as a resistance to the burner's metal, 20 MΩ when the rod is clean, so that
 * a board that feeds it from 90 V through 2 MΩ finds about 4 µA; a coated rod adds to that. [practice, no published source]
 */
final class FlameSensor extends Kind
{
    private const FLAME_OHMS = 20e6;

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
        return [Element::between('S', '#case', match (true) {
            $setting->has('grounded') => Values::ohms($setting->amount('grounded', 1.0)),
            $state !== 'flame' || $setting->isDirect() => Values::OPEN,
            default => Values::ohms(self::FLAME_OHMS + $setting->degree('dirty', 3e8, 0.0)),
        })];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'no flame';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        return $setting->quantity($this->part->text('senses')) > 0.5 ? 'flame' : 'no flame';
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

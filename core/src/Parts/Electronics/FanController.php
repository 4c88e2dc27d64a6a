<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Electronics;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A head-pressure fan controller: it passes L on to F while the pressure it senses is above its set point, until that has fallen by its
 * differential; below the ambient lock-in it passes nothing.
 */
final class FanController extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('fan-controller', 'Head-pressure fan controller', ['L', 'F', 'A', 'B'], [
            Field::number('volts', 'V', 'rated supply, A–B', 20, 480, 24),
            Field::quantity('senses', 'the head pressure', required: true),
            Field::number('set_point', '', 'fan on at, in the quantity\'s unit', 0, 1e5),
            Field::number('differential', '', 'and off this much below', 0.1, 1e4),
            Field::quantity('ambient', 'the outdoor temperature'),
            Field::number('lock_in', '', 'no fan below, in the quantity\'s unit', -100, 100, -100),
        ],
            usual: ['set_point' => 1700, 'differential' => 300, 'lock_in' => -20],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $on = ($state === 'on' && ! $setting->has('output-open')) || $setting->has('output-shorted');

        return [
            Element::between('A', 'B', Values::ohms($this->part->number('volts') ** 2 / 4.0)),
            Element::between('L', 'F', Values::contact($on)),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'off';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $p = $this->part;
        $cold = $p->text('ambient') !== '' && $setting->quantity($p->text('ambient')) < $p->number('lock_in');
        if ($voltages->volts('A', 'B') < 0.75 * $p->number('volts') || $cold || $setting->has('dead')
            || $setting->has('sensor-low')) {
            return 'off';
        }
        $pressure = $setting->quantity($p->text('senses'));

        return $pressure >= $p->number('set_point') || ($state === 'on' && $pressure > $p->number('set_point') - $p->number('differential'))
            ? 'on'
            : 'off';
    }

    #[\Override]
    public function setPoints(): array
    {
        $p = $this->part;
        $points = [
            [$p->text('senses'), $p->number('set_point')],
            [$p->text('senses'), $p->number('set_point') - $p->number('differential')],
        ];

        return $p->text('ambient') === '' ? $points : [...$points, [$p->text('ambient'), $p->number('lock_in')]];
    }

    #[\Override]
    public function observables(): array
    {
        return ['lit', 'dark'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'on' ? 'lit' : 'dark';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('dead', 'dead with power on it', 0.8),
            new FaultMode('sensor-low', 'pressure sensor reads low', 0.8),
            new FaultMode('output-open', 'output does not come on', 0.8),
            new FaultMode('output-shorted', 'output stuck on', 0.4),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Board, 'A', 'B', 'fan control'), new Symbol(SymbolShape::Contact, 'L', 'F', 'output')];
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A pilot generator: thermocouples in series in the flame of a standing pilot, which feed a millivolt valve. 1 is plus. A 750 mV one reads
 * 0.5 to 0.8 V with nothing on it, and half of that with its valve on; it has two ohms or three of its own. [practice, no published
 * source]
 */
final class Thermopile extends Kind
{
    /** Seconds from a flame gone to too little for any valve, and from a flame lit to enough. [practice, no published source] */
    private const COOLS = 40.0;

    private const WARMS = 25.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('thermopile', 'Pilot generator', ['1', '2'], [
            Field::quantity('senses', 'the pilot flame on it: above a half it is hot', required: true),
            Field::number('volts', 'V', 'd.c. with nothing on it', 0.01, 2, 0.75),
            Field::number('ohms', 'Ω', 'of its own', 0.01, 20, 2.5),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $feeds = $setting->sources && $setting->isDirect() && in_array($state, ['hot', 'cooling'], true);
        [$siemens] = $setting->has('open') ? Values::OPEN : Values::ohms($this->part->number('ohms'));
        $volts = $feeds ? $this->part->number('volts') * $setting->degree('weak', 0.5, 1.0) : 0.0;

        return [Element::source('1', '2', [$siemens, 0.0, $siemens * $volts, 0.0])];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'hot';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $isLit = $setting->quantity($this->part->text('senses')) > 0.5 && ! $setting->has('unlit');

        return match ($state) {
            'hot', 'cooling' => $isLit ? 'hot' : 'cooling',
            default => $isLit ? 'warming' : 'cold',
        };
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return match ($state) {
            'cooling' => [new Pending('cold', self::COOLS)],
            'warming' => [new Pending('hot', self::WARMS)],
            default => [],
        };
    }

    #[\Override]
    public function setPoints(): array
    {
        return [[$this->part->text('senses'), 0.5]];
    }

    #[\Override]
    public function observables(): array
    {
        return ['pilot on it', 'no flame on it'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return in_array($state, ['hot', 'warming'], true) ? 'pilot on it' : 'no flame on it';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('weak', 'weak', 1.2, 'share of its volts', [0.7, 0.5, 0.3, 0.1]),
            new FaultMode('open', 'open', 0.5),
            new FaultMode('unlit', 'its pilot is out, or does not play on it', 2.0),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Cell, '1', '2')];
    }

    #[\Override]
    public function isLoad(): bool
    {
        return false;
    }

    #[\Override]
    public function givesDirect(): bool
    {
        return true;
    }
}

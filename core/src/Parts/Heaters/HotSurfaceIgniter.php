<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Heaters;

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
 * A hot-surface igniter: it glows some seconds after it is fed. Its ohms fall to about a fifth as it heats. [practice, no
 * published source]
 */
final class HotSurfaceIgniter extends Kind
{
    private const COLD_SHARE = 5.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('igniter-hot-surface', 'Hot-surface igniter', ['1', '2'], [
            Field::number('volts', 'V', 'rated voltage', 24, 240, 120),
            Field::number('amps', 'A', 'current when hot', 0.3, 8, 3.5),
            Field::number('cold_ohms', 'Ω', 'cold; with none given, five times the hot ohms are taken', 0, 2000, 0),
            Field::number('warm_up', 's', 'until it glows', 1, 60, 15),
        ],
            usual: ['amps' => 3.4, 'warm_up' => 17],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $hot = $this->part->number('volts') / $this->part->number('amps');
        $cold = $this->part->number('cold_ohms') ?: $hot * self::COLD_SHARE;

        return [Element::between('1', '2', $setting->has('cracked') ? Values::OPEN : Values::ohms($state === 'hot' ? $hot : $cold))];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'cold';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($setting->has('cracked') || $voltages->volts('1', '2') < 0.8 * $this->part->number('volts')) {
            return 'cold';
        }

        return $state === 'hot' ? 'hot' : 'warming';
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return $state === 'warming' ? [new Pending('hot', $this->part->number('warm_up'))] : [];
    }

    #[\Override]
    public function observables(): array
    {
        return ['glows', 'dark'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'hot' ? 'glows' : 'dark';
    }

    #[\Override]
    public function faults(): array
    {
        return [new FaultMode('cracked', 'cracked: open', 2.5)];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Resistor, '1', '2', 'igniter')];
    }
}

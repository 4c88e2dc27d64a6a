<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A line-break overload clamped to a small compressor's shell, in its common lead. */
final class OverloadExternal extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'overload-external',
            'External overload, line break',
            ['1', '2'],
            [Field::number('amps', 'A', 'current the motor is rated for', 0.2, 60)],
            usual: ['amps' => 6.2],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [Element::between('1', '2', Values::contact($state === 'closed' && ! $setting->has('open')))];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'closed';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): Drift
    {
        $overload = Overload::onShell($this->part->number('amps'));

        return $state === 'closed'
            ? $overload->closed($voltages->volts('1', '2') / Values::CLOSED_OHMS, 'open')
            : $overload->open('closed');
    }

    #[\Override]
    public function faults(): array
    {
        return [new FaultMode('open', 'open', 1.5)];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Thermal, '1', '2', 'overload')];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\OvercurrentDevice;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** One fuse in its clips. */
final class Fuse extends Fuses
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('fuse', 'Fuse', ['1', '2'], self::fuseFields(), usual: ['amps' => 5]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [Element::between('1', '2', $this->link($state, $setting))];
    }

    /** @return list<float> */
    private function link(string $state, Setting $setting): array
    {
        return Values::worn($state === 'whole' && ! $setting->has('blown'), $setting->degree('clips-loose', 0.5, 0.0));
    }

    #[\Override]
    public function initialState(): string
    {
        return 'whole';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        return $this->meltsAtOnce($this->amps($state, $setting, $voltages)) ? 'blown' : $state;
    }

    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        return $state === 'blown' ? null : $this->melting($this->amps($state, $setting, $voltages), 'blown');
    }

    #[\Override]
    public function afterReset(string $state): string
    {
        return 'whole';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('blown', 'blown', 0.7),
            new FaultMode('clips-loose', 'loose in its clips', 0.4, 'Ω', FaultMode::JOINT, Sign::LOOSE_JOINT),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Fuse, '1', '2')];
    }

    private function amps(string $state, Setting $setting, Voltages $voltages): float
    {
        return $voltages->volts('1', '2') * $this->link($state, $setting)[0];
    }

    #[\Override]
    public function overcurrentDevice(): OvercurrentDevice
    {
        return new OvercurrentDevice($this->part->number('amps'), [['1', '2']]);
    }
}

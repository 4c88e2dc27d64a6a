<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** One fuse in its clips. */
final class Fuse extends Fuses
{
    public static function definition(): Definition
    {
        return new Definition('fuse', 'Fuse', ['1', '2'], self::fuseFields());
    }

    public function elements(): array
    {
        return [Element::between('1', '2')];
    }

    public function initialState(): string
    {
        return 'whole';
    }

    public function stamps(string $state, Setting $setting): array
    {
        $clips = $setting->has('clips-loose') ? $setting->amount('clips-loose', 0.5) : 0.0;

        return [Values::worn($state === 'whole' && ! $setting->has('blown'), $clips)];
    }

    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        return $this->meltsAtOnce($this->amps($state, $setting, $voltages)) ? 'blown' : $state;
    }

    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        return $state === 'blown' ? null : $this->melting($this->amps($state, $setting, $voltages), 'blown');
    }

    public function afterReset(string $state): string
    {
        return 'whole';
    }

    public function faults(): array
    {
        return [new FaultMode('blown', 'blown', 2.0), new FaultMode('clips-loose', 'loose in its clips', 0.08, 'Ω')];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Fuse, '1', '2')];
    }

    private function amps(string $state, Setting $setting, Voltages $voltages): float
    {
        return $voltages->across('1', '2')->abs() * $this->stamps($state, $setting)[0][0];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Valves;

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
 * A combination gas valve on millivolts. The generator lies on TP and TH/TP (here THTP), the thermostat and the limits between TH/TP and
 * TH. Its pilot magnet, on TP and TH/TP, holds the gas once someone has lit the pilot with the knob held down, and lets it go for good
 * when the generator cools; the main coil, on TH and TP, opens to the burner. The magnet holds down to 60 mV, the coil opens from 150
 * and shuts below 80. [practice, no published source]
 */
final class GasValveMillivolt extends Kind
{
    private const HOLDS = 0.06;

    private const OPENS = 0.15;

    private const SHUTS = 0.08;

    /** Someone who lights the pilot holds its knob down for about a minute, seconds. [practice, no published source] */
    private const BY_HAND = 60.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('gas-valve-millivolt', 'Millivolt gas valve', ['TH', 'TP', 'THTP'], [
            Field::number('main_ohms', 'Ω', 'of its main coil', 0.5, 20, 3),
            Field::number('pilot_ohms', 'Ω', 'of its pilot magnet', 0.01, 50, 9),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            Element::between('TH', 'TP', match (true) {
                $setting->has('main-open') => Values::OPEN,
                $setting->has('main-shorted') => Values::ohms($setting->amount('main-shorted', 0.1)),
                default => Values::ohms($this->part->number('main_ohms')),
            }),
            Element::between('THTP', 'TP', $setting->has('pilot-open') ? Values::OPEN : Values::ohms($this->part->number('pilot_ohms'))),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'pilot';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state === 'open' ? 'pilot' : $state;
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return $state === 'by hand' ? [new Pending('pilot', self::BY_HAND)] : [];
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $held = ! $setting->has('pilot-open') && ! $setting->has('lets-go') && abs($voltages->direct('THTP', 'TP')) >= self::HOLDS;
        $isFed = ! $setting->has('main-open') && ! $setting->has('main-shorted')
            && abs($voltages->direct('TH', 'TP')) >= ($state === 'open' ? self::SHUTS : self::OPENS);

        return match (true) {
            $state === 'by hand' => $state,
            $state === 'shut' || ! $held => 'shut',
            default => $isFed ? 'open' : 'pilot',
        };
    }

    /** Lighting the pilot is its reset. */
    #[\Override]
    public function afterReset(string $state): string
    {
        return $state === 'shut' ? 'by hand' : $state;
    }

    /** Of the two usual gases one sinks and one rises. [practice, no published source] */
    #[\Override]
    public function resetOrder(): string
    {
        return 'Where its pilot is out, light it as its label says: five minutes with the gas off, no smell of gas at the floor or above; '
            .'then knob to PILOT, held down, light it, hold for a minute, let go, and turn it to ON.';
    }

    #[\Override]
    public function observables(): array
    {
        return ['open', 'pilot only', 'shut'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            $state === 'shut' => 'shut',
            $setting->has('stuck-moved') => 'open',
            $state === 'open' && ! $setting->has('stuck-rest') => 'open',
            default => 'pilot only',
        };
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('main-open', 'main coil open', 1.0),
            new FaultMode('main-shorted', 'main coil shorted', 0.3, 'Ω'),
            new FaultMode('pilot-open', 'pilot magnet open', 0.6),
            new FaultMode('lets-go', 'pilot magnet does not hold', 0.8),
            new FaultMode('stuck-rest', 'does not open with its main coil fed', 0.8),
            new FaultMode('stuck-moved', 'does not shut with its main coil dead', 0.1),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Valve, 'TH', 'TP', 'main'), new Symbol(SymbolShape::Valve, 'THTP', 'TP', 'pilot')];
    }

    #[\Override]
    public function isLoad(): bool
    {
        return true;
    }

    /** The burner is what is seen of it: no motor or lamp tells of one. */
    #[\Override]
    public function isMachine(): bool
    {
        return true;
    }
}

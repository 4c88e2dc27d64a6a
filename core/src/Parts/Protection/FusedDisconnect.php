<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\OvercurrentDevice;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A three-pole disconnect with its three fuses: Ln, blade, Fn (the fuse's line clip), fuse, Tn. */
final class FusedDisconnect extends Fuses
{
    private const POLES = [1, 2, 3];

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('disconnect-fused-3p', 'Fused disconnect, three pole', [
            'L1',
            'L2',
            'L3',
            'F1',
            'F2',
            'F3',
            'T1',
            'T2',
            'T3',
        ], [
            Field::condition('closed_by', 'the condition that says it is on'),
            ...self::fuseFields(),
        ], bare: ['F1', 'F2', 'F3'],
            usual: ['amps' => 45],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $elements = [];
        $on = $setting->isOn($this->part->text('closed_by'));
        foreach (self::POLES as $n) {
            $elements[] = Element::between("L$n", "F$n", Values::contact($on && ! $setting->has("blade$n-open")));
            $elements[] = Element::between("F$n", "T$n", self::link($n, $state, $setting));
        }

        return $elements;
    }

    /** @return list<float> the fuse of one pole */
    private static function link(int $n, string $state, Setting $setting): array
    {
        return Values::contact(! str_contains($state, (string) $n) && ! $setting->has("fuse$n-blown"));
    }

    #[\Override]
    public function initialState(): string
    {
        return 'whole';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        foreach ($this->amps($state, $setting, $voltages) as $n => $amps) {
            if ($this->meltsAtOnce($amps)) {
                $state = self::without($state, $n);
            }
        }

        return $state;
    }

    /** The hottest fuse melts first, and the other two start over: they carry another current then. */
    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $amps = $this->amps($state, $setting, $voltages);
        $most = max($amps);

        return $most <= 0.0 ? null : $this->melting($most, self::without($state, (int) array_search($most, $amps, true)));
    }

    #[\Override]
    public function afterReset(string $state): string
    {
        return 'whole';
    }

    #[\Override]
    public function faults(): array
    {
        $faults = [];
        foreach (self::POLES as $n) {
            $faults[] = new FaultMode("fuse$n-blown", "fuse $n blown", 1.5);
        }
        foreach (self::POLES as $n) {
            $faults[] = new FaultMode("blade$n-open", "blade $n does not make", 0.2);
        }

        return $faults;
    }

    #[\Override]
    public function symbols(): array
    {
        $symbols = [];
        foreach (self::POLES as $n) {
            array_push($symbols, new Symbol(SymbolShape::Switch, "L$n", "F$n"), new Symbol(SymbolShape::Fuse, "F$n", "T$n"));
        }

        return $symbols;
    }

    #[\Override]
    public function probePairs(): array
    {
        return [...parent::probePairs(), ['L1', 'L2'], ['L2', 'L3'], ['L1', 'L3'], ['T1', 'T2'], ['T2', 'T3'], ['T1', 'T3']];
    }

    private static function without(string $state, int $n): string
    {
        $blown = array_unique([...array_filter(array_map(intval(...), explode(' ', $state))), $n]);
        sort($blown);

        return 'blown '.implode(' ', $blown);
    }

    /** @return non-empty-array<int, float> by pole */
    private function amps(string $state, Setting $setting, Voltages $voltages): array
    {
        $amps = [];
        foreach (self::POLES as $n) {
            $amps[$n] = $voltages->volts("F$n", "T$n") * self::link($n, $state, $setting)[0];
        }

        return $amps;
    }

    #[\Override]
    public function overcurrentDevice(): OvercurrentDevice
    {
        return new OvercurrentDevice(
            $this->part->number('amps'),
            array_map(static fn (int $n): array => ["F$n", "T$n"], self::POLES),
        );
    }
}

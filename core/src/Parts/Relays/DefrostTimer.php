<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Counting;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A defrost timer: a clock motor L–N that passes L on to F (refrigeration and fans), and every so many hours to H (heaters) instead,
 * until X is fed back from the termination switch or the longest time is up; then it feeds neither while the coil drips. Without power
 * it stands and keeps its place.
 */
final class DefrostTimer extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('timer-defrost', 'Defrost timer', ['L', 'N', 'F', 'H', 'X'], [
            Field::number('volts', 'V', 'of its motor', 100, 250, 240),
            Field::number('every', 'h', 'from one defrost to the next', 0.1, 24, 6),
            Field::number('longest', 'min', 'of a defrost', 1, 120, 30),
            Field::number('drip', 'min', 'with neither heaters nor refrigeration afterwards', 0, 30, 0),
        ], bare: ['X']);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $clock = $setting->has('clock-dead') ? Values::OPEN : Values::ohms($this->part->number('volts') ** 2 / 3.0);

        return [
            Element::between('L', 'N', $clock),
            Element::between(
                'L',
                'F',
                Values::contact(($state === 'refrigerating' && ! $setting->has('f-burnt')) || $setting->has('f-welded')),
            ),
            Element::between(
                'L',
                'H',
                Values::contact(($state === 'defrosting' && ! $setting->has('h-burnt')) || $setting->has('h-welded')),
            ),
            Element::between('X', 'N', Values::ohms(1e5)),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'refrigerating';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'defrosting' && $voltages->volts('X', 'N') > 0.75 * $this->part->number('volts')
            ? $this->afterDefrost()
            : $state;
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return $state === 'dripping' && ! $setting->has('clock-dead')
            ? [new Pending('refrigerating', 60 * $this->part->number('drip'))]
            : [];
    }

    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        if ($setting->has('clock-dead') || $voltages->volts('L', 'N') < 0.75 * $this->part->number('volts')) {
            return null;
        }

        // one clock for both, in seconds round the dial: a defrost that ends early waits for the rest of its time
        return $state === 'defrosting'
            ? new Counting(60 * $this->part->number('longest'), $this->afterDefrost())
            : new Counting(3600 * $this->part->number('every'), 'defrosting');
    }

    #[\Override]
    public function observables(): array
    {
        return ['refrigerating', 'defrosting', 'dripping'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state;
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('clock-dead', 'clock stands', 1.2),
            new FaultMode('f-burnt', 'contact L–F does not make', 0.8, signs: Sign::PITTED),
            new FaultMode('f-welded', 'contact L–F welded', 0.2),
            new FaultMode('h-burnt', 'contact L–H does not make', 0.8, signs: Sign::PITTED),
            new FaultMode('h-welded', 'contact L–H welded', 0.3),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Motor, 'L', 'N', 'clock'),
            new Symbol(SymbolShape::Contact, 'L', 'F', 'refrigeration'),
            new Symbol(SymbolShape::Contact, 'L', 'H', 'defrost'),
            new Symbol(SymbolShape::Coil, 'X', 'N', 'ends it'),
        ];
    }

    private function afterDefrost(): string
    {
        return $this->part->number('drip') > 0.0 ? 'dripping' : 'refrigerating';
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
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

/** A thermal sequencer: a 24 V heater H1–H2 bends a disc that closes M1–M2 and then M3–M4, and lets them go in the other order. */
final class Sequencer extends Kind implements Switching
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('sequencer', 'Thermal sequencer', ['H1', 'H2', 'M1', 'M2', 'M3', 'M4'], [
            Field::number('heater_volts', 'V', 'rated', 12, 240, 24),
            Field::number('heater_ohms', 'Ω', 'heater', 5, 5000, 96),
            Field::number('on_delay', 's', 'to the first contact', 1, 240, 30),
            Field::number('on_step', 's', 'from the first to the second', 0.1, 240, 20),
            Field::number('off_delay', 's', 'from heater dead to the second opening', 1, 240, 45),
            Field::number('off_step', 's', 'from the second to the first opening', 0.1, 240, 20),
        ], bare: ['M3', 'M4']);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $both = str_starts_with($state, 'both');
        $first = $both || str_starts_with($state, 'one');

        return [
            Element::between('H1', 'H2', $setting->has('heater-open') ? Values::OPEN : Values::ohms($this->part->number('heater_ohms'))),
            Element::between('M1', 'M2', Values::contact(($first && ! $setting->has('first-burnt')) || $setting->has('first-welded'))),
            Element::between('M3', 'M4', Values::contact(($both && ! $setting->has('second-burnt')) || $setting->has('second-welded'))),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'cold';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return 'cold';
    }

    /** States: cold, one, both; a hot one has ` cooling` after it while the heater is dead. */
    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $hot = strstr($state.' ', ' ', true) ?: $state;
        $fed = $voltages->volts('H1', 'H2') > 0.75 * $this->part->number('heater_volts')
            && ! $setting->has('heater-open')
            && ! $setting->has('stuck-open');

        return $hot === 'cold' || $fed ? $hot.($hot === 'cold' && $fed ? ' warming' : '') : "$hot cooling";
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        $p = $this->part;

        return match ($state) {
            'cold warming' => [new Pending('one', $p->number('on_delay'))],
            'one' => [new Pending('both', $p->number('on_step'))],
            'both cooling' => [new Pending('one cooling', $p->number('off_delay'))],
            'one cooling' => [new Pending('cold', $p->number('off_step'))],
            default => [],
        };
    }

    #[\Override]
    public function observables(): array
    {
        return ['open', 'one closed', 'both closed'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            str_starts_with($state, 'both') => 'both closed',
            str_starts_with($state, 'one') => 'one closed',
            default => 'open',
        };
    }

    #[\Override]
    public function coil(): array
    {
        return ['H1', 'H2'];
    }

    #[\Override]
    public function wiredContacts(): array
    {
        return [new Contact('first', 'M1', 'M2'), new Contact('second', 'M3', 'M4')];
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('heater-open', 'heater open', 1.5),
            new FaultMode('stuck-open', 'disc does not move', 0.8, signs: Sign::STICKS),
            new FaultMode('first-burnt', 'contact M1–M2 does not make', 1.0, signs: Sign::PITTED),
            new FaultMode('first-welded', 'contact M1–M2 welded', 0.6),
            new FaultMode('second-burnt', 'contact M3–M4 does not make', 1.0, signs: Sign::PITTED),
            new FaultMode('second-welded', 'contact M3–M4 welded', 0.4),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Resistor, 'H1', 'H2', 'heater'),
            new Symbol(SymbolShape::Contact, 'M1', 'M2', 'first'),
            new Symbol(SymbolShape::Contact, 'M3', 'M4', 'second'),
        ];
    }
}

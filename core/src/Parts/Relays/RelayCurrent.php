<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\PlateContradiction;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A current (start) relay: its coil L–M carries the run winding; the inrush lifts its contact L–S, and it falls back as the
 * motor comes up.
 */
final class RelayCurrent extends Kind implements Switching
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('relay-current', 'Current (start) relay', ['L', 'M', 'S'], [
            Field::number('coil_ohms', 'Ω', 'coil', 0.001, 5, 0.05),
            Field::number('pick_up', 'A', 'lifts at', 1, 200),
            Field::number('drop_out', 'A', 'falls back below', 0.5, 150),
        ],
            usual: ['coil_ohms' => 0.08, 'pick_up' => 14, 'drop_out' => 11],
        );
    }

    #[\Override]
    public function check(): void
    {
        if ($this->part->number('drop_out') >= $this->part->number('pick_up')) {
            throw PlateContradiction::dropsOutAbovePickUp();
        }
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            Element::between('L', 'M', $this->winding($setting)),
            Element::between('L', 'S', Values::contact(($state === 'up' && ! $setting->has('contact-burnt')) || $setting->has('welded'))),
        ];
    }

    /** @return list<float> */
    private function winding(Setting $setting): array
    {
        return $setting->has('coil-open') ? Values::OPEN : Values::ohms($this->part->number('coil_ohms'));
    }

    #[\Override]
    public function initialState(): string
    {
        return 'down';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $amps = $voltages->volts('L', 'M') * $this->winding($setting)[0];

        return $amps > $this->part->number($state === 'up' ? 'drop_out' : 'pick_up') ? 'up' : 'down';
    }

    #[\Override]
    public function coil(): array
    {
        return ['L', 'M'];
    }

    #[\Override]
    public function wiredContacts(): array
    {
        return [new Contact('contact', 'L', 'S')];
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('coil-open', 'coil open', 0.6),
            new FaultMode('contact-burnt', 'contact does not make', 1.2, signs: Sign::PITTED),
            new FaultMode('welded', 'contact stuck closed', 0.8),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Winding, 'L', 'M', 'coil'), new Symbol(SymbolShape::Contact, 'L', 'S')];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A one-pole contactor: L1–T1 opens, L2–T2 is a solid bar, so that leg is always hot. */
final class ContactorOnePole extends ContactSet
{
    private const BAR_OHMS = 1e-3;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'contactor-1p', 'Contactor, one pole with shunt', ['L1', 'T1', 'L2', 'T2', 'A', 'B'], self::coilFields(),
            usual: ['coil_volts' => 24, 'coil_ohms' => 12, 'sealed_va' => 9, 'inrush_va' => 28],
        );
    }

    #[\Override]
    protected function contacts(): array
    {
        return [new Contact('contact', 'L1', 'T1', weight: 2.0)];
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [...parent::elements($state, $setting), Element::between('L2', 'T2', Values::ohms(self::BAR_OHMS))];
    }

    #[\Override]
    public function symbols(): array
    {
        return [...parent::symbols(), new Symbol(SymbolShape::Link, 'L2', 'T2', 'bar')];
    }

    #[\Override]
    public function probePairs(): array
    {
        return [...parent::probePairs(), ['L1', 'L2'], ['T1', 'T2']];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A one-pole contactor: L1–T1 opens, L2–T2 is a solid bar, so that leg is always hot. */
final class ContactorOnePole extends CoilAndContacts
{
    public static function definition(): Definition
    {
        return new Definition('contactor-1p', 'Contactor, one pole with shunt', ['L1', 'T1', 'L2', 'T2', 'A', 'B'], self::coilFields());
    }

    protected function coil(): array
    {
        return ['A', 'B'];
    }

    public function elements(): array
    {
        return [Element::between('L1', 'T1'), Element::between('L2', 'T2'), Element::between('A', 'B')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        $closed = ($state === 'in' && ! $setting->has('contact-burnt')) || $setting->has('welded');

        return [Values::contact($closed), Values::ohms(1e-3), $this->coilStamp($state, $setting)];
    }

    public function faults(): array
    {
        return [
            new FaultMode('coil-open', 'coil open', 2.0),
            new FaultMode('coil-shorted', 'coil shorted', 0.7),
            new FaultMode('stuck-open', 'armature does not pull in', 0.7),
            new FaultMode('contact-burnt', 'contact burnt open', 2.0),
            new FaultMode('welded', 'contact welded closed', 1.0),
        ];
    }

    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Contact, 'L1', 'T1'),
            new Symbol(SymbolShape::Link, 'L2', 'T2', 'bar'),
            new Symbol(SymbolShape::Coil, 'A', 'B', 'coil'),
        ];
    }

    public function probePairs(): array
    {
        return [...parent::probePairs(), ['L1', 'L2'], ['T1', 'T2']];
    }
}

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

/** A fan relay: coil 1–3, one normally open contact 2–4. */
final class RelaySpst extends CoilAndContacts
{
    public static function definition(): Definition
    {
        return new Definition('relay-spst', 'Relay, one normally open contact', ['1', '3', '2', '4'], self::coilFields());
    }

    protected function coil(): array
    {
        return ['1', '3'];
    }

    public function elements(): array
    {
        return [Element::between('1', '3'), Element::between('2', '4')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        $closed = ($state === 'in' && ! $setting->has('contact-burnt')) || $setting->has('welded');

        return [$this->coilStamp($state, $setting), Values::contact($closed)];
    }

    public function faults(): array
    {
        return [
            new FaultMode('coil-open', 'coil open', 1.2),
            new FaultMode('coil-shorted', 'coil shorted', 0.4),
            new FaultMode('stuck-open', 'armature does not pull in', 0.6),
            new FaultMode('contact-burnt', 'contact burnt open', 1.2),
            new FaultMode('welded', 'contact stuck closed', 0.8),
        ];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Coil, '1', '3', 'coil'), new Symbol(SymbolShape::Contact, '2', '4')];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A coil with any number of contacts, each with a name, two terminals, and whether it is closed at rest. */
abstract class ContactSet extends CoilAndContacts implements Switching
{
    /** @return list<Contact> */
    abstract protected function contacts(): array;

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $elements = [Element::between(...[...$this->coil(), $this->coilStamp($state, $setting)])];
        $moved = $this->isMoved($state, $setting);
        foreach ($this->wiredContacts() as $c) {
            $welded = ($setting->has('welded') && ! $c->isClosedAtRest) || $setting->has("$c->name-welded");
            $closed = $welded || ($moved !== $c->isClosedAtRest && ! $setting->has("$c->name-burnt"));
            $elements[] = Element::between($c->from, $c->to, Values::worn($closed, $setting->degree("$c->name-worn", 0.5, 0.0)));
        }

        return $elements;
    }

    #[\Override]
    public function faults(): array
    {
        $faults = [
            new FaultMode('coil-open', 'coil open', 1.5),
            new FaultMode('coil-shorted', 'coil shorted', 0.5, 'Ω', signs: Sign::BURNT),
            new FaultMode('stuck-open', 'armature does not pull in', 0.6, signs: Sign::STICKS),
            new FaultMode('welded', 'armature stuck in', 0.8),
        ];
        foreach ($this->wiredContacts() as $c) {
            $burnt = "contact {$c->from}–{$c->to} does not make";
            $faults[] = new FaultMode("$c->name-burnt", $burnt, $c->weight, signs: Sign::PITTED);
            $worn = "contact {$c->from}–{$c->to} worn";
            $faults[] = new FaultMode("$c->name-worn", $worn, 0.5 * $c->weight, 'Ω', FaultMode::JOINT, signs: Sign::PITTED);
            $faults[] = new FaultMode("$c->name-welded", "contact {$c->from}–{$c->to} welded", 0.09);
        }

        return $faults;
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Coil, ...[...$this->coil(), 'coil']),
            ...array_map(static fn (Contact $c): Symbol => new Symbol(
                SymbolShape::Contact,
                $c->from,
                $c->to,
                $c->isClosedAtRest ? 'closed at rest' : '',
            ), $this->wiredContacts()),
        ];
    }

    /** Whether the armature is in. */
    protected function isMoved(string $state, Setting $setting): bool
    {
        return $state === 'in';
    }

    /** Terminals that the file leaves out are contacts nobody uses. */
    #[\Override]
    public function wiredContacts(): array
    {
        return array_values(
            array_filter($this->contacts(), fn (Contact $c): bool => $this->part->has($c->from) && $this->part->has($c->to)),
        );
    }
}

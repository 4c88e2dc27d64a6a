<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A contact somewhere else that calls: a building controller's output, a box thermostat, an interlock. */
final class DryContact extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'dry-contact',
            'Remote dry contact',
            ['1', '2'],
            [Field::condition('called_by', 'the condition that is the call')],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $made = $setting->isOn($this->part->text('called_by')) && ! $setting->has('open');

        return [Element::between('1', '2', Values::contact($made || $setting->has('stuck')))];
    }

    #[\Override]
    public function faults(): array
    {
        return [new FaultMode('open', 'call does not arrive', 1.0), new FaultMode('stuck', 'call does not go away', 0.3)];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Contact, '1', '2', 'call')];
    }
}

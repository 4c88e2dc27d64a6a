<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Component;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A contact somewhere else that calls: a building controller's output, a box thermostat, an interlock. */
final class DryContact extends Component
{
    public static function definition(): Definition
    {
        return new Definition('dry-contact', 'Remote dry contact', ['1', '2'], [Field::condition('called_by', 'the condition that is the call')]);
    }

    public function elements(): array
    {
        return [Element::between('1', '2')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        return [Values::contact(($setting->isOn($this->part->text('called_by')) && ! $setting->has('open')) || $setting->has('stuck'))];
    }

    public function faults(): array
    {
        return [new FaultMode('open', 'call does not arrive', 1.0), new FaultMode('stuck', 'call does not go away', 0.3)];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Contact, '1', '2', 'call')];
    }
}

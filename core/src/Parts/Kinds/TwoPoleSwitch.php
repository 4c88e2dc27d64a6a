<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Component;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** Two blades worked by one handle. */
abstract class TwoPoleSwitch extends Component
{
    /** @return list<Field> */
    protected static function switchFields(): array
    {
        return [Field::condition('closed_by', 'the condition that says it is on')];
    }

    public function elements(): array
    {
        return [Element::between('L1', 'T1'), Element::between('L2', 'T2')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        $on = $setting->isOn($this->part->text('closed_by')) && ! $setting->has('tripped');

        return [Values::contact($on && ! $setting->has('pole1-open')), Values::contact($on && ! $setting->has('pole2-open'))];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Switch, 'L1', 'T1'), new Symbol(SymbolShape::Switch, 'L2', 'T2')];
    }

    public function probePairs(): array
    {
        return [...parent::probePairs(), ['L1', 'L2'], ['T1', 'T2']];
    }
}

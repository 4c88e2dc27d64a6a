<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Heaters;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A resistance heater: a strip element, a crankcase or drain-pan heater, a defrost heater. R = V²/P.
 *
 * Cold and hot ohms are taken to be the same: nichrome rises a few percent. [practice, no published source]
 */
final class Heater extends Kind
{
    /** It is seen hot from this share of its rated power. */
    private const HOT = 0.3;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('heater', 'Heater', ['1', '2'], [
            Field::number('volts', 'V', 'rated voltage', 12, 600),
            Field::number('watts', 'W', 'rated power', 1, 50000),
        ],
            usual: ['volts' => 240, 'watts' => 70],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $ohms = $this->ohms() * $setting->degree('shorted-part', 0.6, 1.0);

        return [
            Element::between('1', '2', $setting->has('open') ? Values::OPEN : Values::ohms($ohms)),
            Element::between('1', '#case', Values::fault($setting, 'grounded', Values::SHORT_OHMS)),
        ];
    }

    #[\Override]
    public function observables(): array
    {
        return $this->part->number('watts') >= 200 ? ['hot', 'cold'] : [];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return ! $setting->has('open') && $voltages->volts('1', '2') ** 2 / $this->ohms() > self::HOT * $this->part->number('watts')
            ? 'hot'
            : 'cold';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('open', 'open', 0.8),
            new FaultMode('grounded', 'grounded', 0.3, 'Ω'),
            new FaultMode('shorted-part', 'partly bridged', 0.09, 'share of its ohms', [0.8, 0.6, 0.4]),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Resistor, '1', '2', sprintf('%g W', $this->part->number('watts')))];
    }

    private function ohms(): float
    {
        return $this->part->number('volts') ** 2 / $this->part->number('watts');
    }

    #[\Override]
    public function demand(): Demand
    {
        return new Demand(DemandOf::Heat, $this->part->number('watts') / $this->part->number('volts'), ['1', '2']);
    }
}

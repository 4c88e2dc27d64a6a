<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** A temperature limit on a heater or a heat exchanger: automatic, manual, or a one-shot fusible link. */
final class Limit extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('limit', 'Temperature limit', ['1', '2'], self::switchFields('too hot'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'too hot';
    }

    #[\Override]
    protected function shape(): SymbolShape
    {
        return SymbolShape::Thermal;
    }

    #[\Override]
    public function guardsFlame(): bool
    {
        return true;
    }
}

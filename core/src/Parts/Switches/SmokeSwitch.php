<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** The contact of a duct smoke detector. */
final class SmokeSwitch extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('smoke-switch', 'Smoke detector contact', ['1', '2'], self::switchFields('smoke in the duct'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'smoke in the duct';
    }

    #[\Override]
    protected function shape(): SymbolShape
    {
        return SymbolShape::Switch;
    }
}

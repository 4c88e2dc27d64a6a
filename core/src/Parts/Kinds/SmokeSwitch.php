<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** The contact of a duct smoke detector. */
final class SmokeSwitch extends SensingSwitch
{
    public static function definition(): Definition
    {
        return new Definition('smoke-switch', 'Smoke detector contact', ['1', '2'], self::switchFields('smoke in the duct'));
    }

    protected function cause(): string
    {
        return 'smoke in the duct';
    }

    protected function shape(): SymbolShape
    {
        return SymbolShape::Switch;
    }
}

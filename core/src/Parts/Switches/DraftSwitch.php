<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** The switch that proves a draft motor: open at rest, closed by the draft. */
final class DraftSwitch extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('draft-switch', 'Draft pressure switch', ['1', '2'], self::switchFields('draft not proved'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'draft not proved';
    }

    #[\Override]
    protected function shape(): SymbolShape
    {
        return SymbolShape::Pressure;
    }

    #[\Override]
    public function guardsFlame(): bool
    {
        return true;
    }
}

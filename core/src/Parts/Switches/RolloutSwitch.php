<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\SymbolShape;

/** A flame roll-out switch, usually reset by hand. */
final class RolloutSwitch extends SensingSwitch
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('rollout-switch', 'Roll-out switch', ['1', '2'], self::switchFields('flame where none belongs'));
    }

    #[\Override]
    protected function cause(): string
    {
        return 'flame where none belongs';
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

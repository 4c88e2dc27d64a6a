<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Component;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Setting;

/** Points where wires meet: a terminal strip, a splice, a ground lug. Nothing in it joins one terminal to another. */
final class TerminalBlock extends Component
{
    public static function definition(): Definition
    {
        return new Definition('terminals', 'Terminals', []);
    }

    public function elements(): array
    {
        return [];
    }

    public function stamps(string $state, Setting $setting): array
    {
        return [];
    }

    public function faults(): array
    {
        return [];
    }

    public function symbols(): array
    {
        return [];
    }
}

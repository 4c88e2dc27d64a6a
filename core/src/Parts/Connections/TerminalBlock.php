<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Connections;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;

/** Points where wires meet: a terminal strip, a splice, a ground lug. Nothing in it joins one terminal to another. */
final class TerminalBlock extends Kind
{
    private const PROBING = 'probing';

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('terminals', 'Terminals', [], [
            Field::choice('serves', 'what its terminals are there for', ['wiring', self::PROBING]),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [];
    }

    #[\Override]
    public function faults(): array
    {
        return [];
    }

    #[\Override]
    public function symbols(): array
    {
        return [];
    }

    #[\Override]
    public function isForProbes(): bool
    {
        return $this->part->text('serves') === self::PROBING;
    }
}

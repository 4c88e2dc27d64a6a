<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

/** Where something of a rung sits, as far as its name says. */
enum Spot: string
{
    case Unit = 'unit';
    case Wall = 'wall';
    case Disconnect = 'disconnect';

    /** @return array{label: string, minutes: int} as a circuit file has it; minutes: [practice, no published source] */
    public function place(): array
    {
        return match ($this) {
            self::Unit => ['label' => 'unit, behind its panel', 'minutes' => 2],
            self::Wall => ['label' => 'thermostat, off its base', 'minutes' => 3],
            self::Disconnect => ['label' => 'disconnect at the unit', 'minutes' => 1],
        };
    }
}

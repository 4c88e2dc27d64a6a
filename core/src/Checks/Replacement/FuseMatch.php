<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A fuse against the one that was there. */
final class FuseMatch extends MatchCheck
{
    #[\Override]
    public function about(): About
    {
        return $this->described(
            'fuse',
            'fuse',
            'Locked out and proved dead. A larger one than the plate allows is a fire.',
            'Why it blew: that comes first.',
            ['fuse', 'blown', 'class', 'slow blow', 'time delay', 'amps'],
            self::beside(PieceShape::Fuse, 'line', 'load', 'amps'),
        );
    }

    #[\Override]
    protected function then(): string
    {
        return 'Ohms of what is behind it before power comes back; then its current.';
    }

    #[\Override]
    public function kinds(): array
    {
        return ['fuse'];
    }

    #[\Override]
    public function plated(): array
    {
        return ['amps' => ['amps'], 'speed' => ['curve']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            Comparison::number(
                'amps',
                'amperes',
                Dimension::Current,
                Rule::Within,
                Verdict::Bad,
                'Another size: smaller opens for nothing, larger protects nothing.',
                0.001,
            ),
            Comparison::number(
                'volts',
                'volts',
                Dimension::Voltage,
                Rule::AtLeast,
                Verdict::Bad,
                'Fewer volts: it may not break the arc.',
            ),
            Comparison::choice(
                'class',
                'class',
                ['J', 'R', 'T', 'CC', 'G', 'H or K', 'plug', 'glass or automotive'],
                Verdict::Bad,
                'Another class: another breaking capacity, and another holder.',
            ),
            Comparison::choice(
                'speed',
                'speed',
                ['time delay', 'fast'],
                Verdict::Watch,
                'Another speed: a fast one opens on a motor\'s start, a slow one lets an electronic board burn.',
            ),
        ];
    }
}

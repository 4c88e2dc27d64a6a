<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A refrigerant pressure switch against the one that was there. */
final class PressureSwitchMatch extends MatchCheck
{
    #[\Override]
    public function about(): About
    {
        return $this->described(
            'pressure-switch',
            'pressure switch',
            'Refrigerant under pressure where it is no flare with a valve: gloves, glasses, recovery.',
            'Where it is fitted, and what length its tube has.',
            ['pressure switch', 'high pressure', 'low pressure', 'cut out', 'cut in', 'reset', 'fan cycling'],
            self::beside(PieceShape::Contact, '1', '2', 'opens'),
        );
    }

    #[\Override]
    protected function then(): string
    {
        return 'Open and closed once with a gauge beside it, where that can be done.';
    }

    #[\Override]
    public function kinds(): array
    {
        return ['pressure-switch'];
    }

    #[\Override]
    public function plated(): array
    {
        return ['opens' => ['opens_at'], 'closes' => ['closes_at'], 'reset' => ['reset']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            Comparison::number(
                'opens',
                'opens at',
                Dimension::Pressure,
                Rule::Within,
                Verdict::Bad,
                'It opens at another pressure: it trips for nothing, or too late.',
                0.03,
            ),
            Comparison::number(
                'closes',
                'closes at',
                Dimension::Pressure,
                Rule::Within,
                Verdict::Watch,
                'It closes at another pressure: the unit comes back sooner or later.',
                0.05,
            ),
            Comparison::choice(
                'acts',
                'it opens on',
                ['rise', 'fall'],
                Verdict::Bad,
                'It acts the other way: it is another switch altogether.',
            ),
            Comparison::choice(
                'reset',
                'reset',
                ['automatic', 'manual'],
                Verdict::Bad,
                'Another reset: one that was to be looked at by a hand comes back by itself, or the other way about.',
            ),
            Comparison::number(
                'amps',
                'amperes of its contact',
                Dimension::Current,
                Rule::AtLeast,
                Verdict::Watch,
                'Fewer amperes: its contact burns.',
            ),
        ];
    }
}

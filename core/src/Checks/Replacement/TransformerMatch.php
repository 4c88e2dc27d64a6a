<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A control transformer against the one that was there. */
final class TransformerMatch extends MatchCheck
{
    #[\Override]
    public function about(): About
    {
        return $this->described(
            'transformer',
            'transformer',
            'Locked out and proved dead. Its primary is at line voltage.',
            'Whether its secondary is grounded on one side, which the unit\'s drawing says.',
            ['transformer', 'va', 'class 2', '24 v', 'secondary', 'tap'],
            self::beside(PieceShape::Winding, 'H1', 'H2', 'primary'),
        );
    }

    #[\Override]
    protected function then(): string
    {
        return 'Secondary volts open and loaded; the unused taps capped one by one; then find out what burnt the old one.';
    }

    #[\Override]
    public function kinds(): array
    {
        return ['transformer', 'transformer-tapped'];
    }

    #[\Override]
    public function plated(): array
    {
        return ['primary' => ['primary_volts', 'h2_volts'], 'va' => ['va']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            Comparison::number(
                'primary',
                'primary volts, the tap in use',
                Dimension::Voltage,
                Rule::Within,
                Verdict::Bad,
                'Another primary: the whole control side is too high or too low.',
                0.05,
            ),
            Comparison::number(
                'secondary',
                'secondary volts',
                Dimension::Voltage,
                Rule::Within,
                Verdict::Bad,
                'Another secondary: coils burn or do not pull in.',
                0.05,
            ),
            Comparison::number(
                'va',
                'VA',
                Dimension::ApparentPower,
                Rule::AtLeast,
                Verdict::Bad,
                'Less VA than it must feed: it burns, or relays chatter.',
            ),
            Comparison::choice(
                'protection',
                'its own protection',
                ['fuse', 'button', 'inherent', 'none'],
                Verdict::Watch,
                'Other protection: put a fuse of its size in the secondary where it has none.',
            ),
        ];
    }
}

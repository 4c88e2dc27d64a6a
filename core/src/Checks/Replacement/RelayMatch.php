<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A relay against the one that was there. */
final class RelayMatch extends MatchCheck
{
    #[\Override]
    public function about(): About
    {
        return $this->described(
            'relay',
            'relay',
            'Locked out and proved dead. Every wire marked before it comes off.',
            'Its socket, and which number of its terminals is what.',
            ['relay', 'fan relay', 'time delay', 'coil', 'terminals'],
            self::beside(PieceShape::Coil, 'A', 'B', 'coil'),
        );
    }

    #[\Override]
    protected function then(): string
    {
        return 'Coil volts, and what it feeds on and off once.';
    }

    #[\Override]
    public function kinds(): array
    {
        return ['relay-spst', 'relay-spdt', 'relay-dpst', 'relay-dpdt', 'relay-time-delay'];
    }

    #[\Override]
    public function plated(): array
    {
        return ['coil' => ['coil_volts'], 'delay' => ['on_delay'], 'va' => ['sealed_va']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            self::coil(),
            Comparison::choice(
                'contacts',
                'contacts',
                ['normally open', 'normally closed', 'change-over'],
                Verdict::Bad,
                'Other contacts: what was on goes off, and the other way about.',
            ),
            Comparison::number(
                'amps',
                'amperes of its contacts',
                Dimension::Current,
                Rule::AtLeast,
                Verdict::Bad,
                'Fewer amperes: its contacts weld.',
            ),
            Comparison::number(
                'delay',
                'delay',
                Dimension::Duration,
                Rule::Within,
                Verdict::Watch,
                'Another delay: the sequence changes, and with it what its board expects.',
                0.2,
            ),
            Comparison::number(
                'va',
                'VA of its coil',
                Dimension::ApparentPower,
                Rule::AtMost,
                Verdict::Watch,
                'Its coil takes more of the transformer: add the VA up again.',
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A contactor against the one that was there. */
final class ContactorMatch extends MatchCheck
{
    #[\Override]
    public function about(): About
    {
        return $this->described(
            'contactor',
            'contactor',
            'Locked out and proved dead, both feeds. Every wire marked before it comes off.',
            'Auxiliary contacts, and how it is screwed down.',
            ['contactor', 'poles', 'coil', 'amps', 'chatters', 'welded'],
            self::beside(PieceShape::Contact, 'L', 'T', 'amps'),
        );
    }

    #[\Override]
    protected function then(): string
    {
        return 'Volts at its coil, volts over each pole under load, and the current of what it feeds.';
    }

    #[\Override]
    public function kinds(): array
    {
        return ['contactor-1p', 'contactor-2p', 'contactor-3p'];
    }

    #[\Override]
    public function plated(): array
    {
        return ['coil' => ['coil_volts']];
    }

    #[\Override]
    public function comparisons(): array
    {
        return [
            self::coil(),
            Comparison::number(
                'poles',
                'poles',
                Dimension::Number,
                Rule::AtLeast,
                Verdict::Bad,
                'Fewer poles: a leg is left out.',
            ),
            Comparison::number(
                'amps',
                'amperes for each pole',
                Dimension::Current,
                Rule::AtLeast,
                Verdict::Bad,
                'Fewer amperes: its poles burn.',
            ),
            Comparison::number(
                'volts',
                'volts of the poles',
                Dimension::Voltage,
                Rule::AtLeast,
                Verdict::Bad,
                'Fewer volts: it does not break the arc.',
            ),
            Comparison::choice(
                'switched',
                'what it leaves live',
                ['one leg', 'no leg'],
                Verdict::Watch,
                'One pole leaves a leg live on a unit that is off: the next hand may not know it. '
                    .'And the heat that trickles through it is gone with two poles.',
            ),
        ];
    }
}

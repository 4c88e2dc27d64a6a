<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Gas;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A draft pressure switch: what it opens and closes at against the draft there is. */
final class DraftSwitch extends PartCheck
{
    /** Draft as near its set point as this share is a switch that will flutter. [practice, no published source] */
    private const NEAR = 0.15;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'draft-switch',
            title: 'Draft pressure switch',
            how: 'A tee in its hose, the inducer on. The draft against the number on the switch; then its contact.',
            mistake: 'Read with the door off, or at a port that is blocked: poke it free first.',
            caution: 'It keeps flue gas out of the house. Never bridge it to keep heat on; '
                .'a switch that is right is telling you of the vent.',
            leavesOut: 'Flue gas in the room: that is measured with its own instrument.',
            words: ['draft', 'pressure switch', 'inducer', 'vent', 'condensate', 'hose', 'w.c.', 'flash', 'flue'],
            entries: [
                Entry::number('draft', 'draft, inducer on', Dimension::AirPressure, true),
                Entry::number('set', 'on the switch', Dimension::AirPressure),
                Entry::choice('contact', 'its contact then', ['not read', 'closed', 'open']),
                Entry::choice('rest', 'its contact, inducer off', ['not read', 'open', 'closed']),
            ],
            row: Row::of('R', PieceShape::Contact, 'draft', 'board', 'draft'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        [$draft, $set] = [abs($given->number('draft')), abs($given->number('set'))];
        $isEnough = $draft >= $set;
        $figures = [
            new Figure('draft', Dimension::AirPressure, $draft),
            new Figure('on the switch', Dimension::AirPressure, $set),
            new Figure('of its set point', Dimension::Share, $draft / $set),
        ];
        $limit = new Limit('It closes at the draft printed on it, and is open with none.', Source::plate());
        $near = new Limit('A draft within 15 % of its set point flutters.', Source::practice());
        $contact = $given->word('contact');

        return Judgement::ofAll(
            [
                match (true) {
                    $contact === 'open' && $isEnough => new Finding(
                        Verdict::Bad,
                        'Draft enough, and it stays open: the switch, or its hose.',
                        $figures,
                        $limit,
                    ),
                    $contact === 'closed' && ! $isEnough => new Finding(
                        Verdict::Bad,
                        'Closed with too little draft: it sticks.',
                        $figures,
                        $limit,
                    ),
                    ! $isEnough => new Finding(Verdict::Bad, 'Too little draft: the vent, not the switch.', $figures, $limit),
                    $draft < (1 + self::NEAR) * $set => new Finding(Verdict::Watch, 'Hardly enough draft.', $figures, $near),
                    default => new Finding(Verdict::Good, 'Draft enough.', $figures, $limit),
                },
                ...$given->word('rest') === 'closed'
                    ? [new Finding(Verdict::Bad, 'Closed with the inducer off: it is welded, or bridged.', [], $limit)]
                    : [],
            ],
            'Draft switch good',
            then: 'On: limits and roll-outs, then the igniter.',
            bad: $isEnough
                ? 'Hose off and blown free, port poked, then the switch.'
                : 'Vent, terminal, drain, inducer wheel and its speed; then the heat exchanger.',
            else: 'Clear the drain, the port and the vent, and read again in wind as well.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Windings;

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

/** Which speed each tap of a blower motor is, by its ohms to common. */
final class SpeedTaps extends PartCheck
{
    /** In the order of speed. [practice, no published source] */
    private const NAMES = [
        2 => ['high', 'low'],
        3 => ['high', 'medium', 'low'],
        4 => ['high', 'medium-high', 'medium-low', 'low'],
        5 => ['high', 'medium-high', 'medium', 'medium-low', 'low'],
    ];

    /** Ohms that no meter tells apart. [practice, no published source] */
    private const ALIKE = 0.2;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'speed-taps',
            title: 'Motor, speed taps',
            how: 'Every lead off. Ohms from common to each speed lead, in the order in which they lie before you.',
            mistake: 'The capacitor\'s leads taken for speeds: they are mostly brown, and stay out of this.',
            caution: 'Power off and proved dead, the capacitor discharged. Only one speed is ever fed at a time; unused ones are capped.',
            leavesOut: 'Motors with a module, whose speeds are set by 24 V taps and have no ohms to tell.',
            words: ['speed', 'tap', 'blower', 'high', 'medium', 'low', 'multi speed', 'psc', 'leads', 'colours', 'hums on one speed'],
            entries: [
                Entry::row('ohms', 'common to each speed lead', Dimension::Resistance, true),
            ],
            row: Row::of('common', PieceShape::Winding, 'each tap', 'speed lead', 'ohms'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $read = $given->row('ohms');
        $limit = new Limit('The fewer ohms to common, the faster: low speed has more turns in series.', Source::practice());
        $open = array_keys($read, null, true);
        $taps = array_filter($read, is_float(...));
        asort($taps);
        $names = self::NAMES[count($taps)] ?? [];
        $figures = array_map(
            static fn (?float $ohms, int $n): Figure => new Figure('lead '.($n + 1), Dimension::Resistance, $ohms),
            $read,
            array_keys($read),
        );
        $order = array_map(
            static fn (string $name, int $n): string => 'lead '.($n + 1)." is $name",
            $names,
            array_slice(array_keys($taps), 0, count($names)),
        );
        $values = array_values($taps);
        $nearest = INF;
        foreach (array_slice($values, 1) as $n => $more) {
            $nearest = min($nearest, $more - $values[$n]);
        }

        return Judgement::ofAll(
            match (true) {
                count($read) < 2 => [],
                $open !== [] => [new Finding(
                    Verdict::Bad,
                    'Open: lead '.implode(', ', array_map(static fn (int $n): int => $n + 1, $open)).'.',
                    $figures,
                    $limit,
                )],
                $names === [] => [new Finding(Verdict::CannotSay, 'More leads than speeds: leave the capacitor\'s out.', $figures, $limit)],
                $nearest < self::ALIKE => [
                    new Finding(Verdict::Watch, 'Two read alike: shorted turns, or one lead twice.', $figures, $limit),
                ],
                default => [new Finding(Verdict::Good, ucfirst(implode(', ', $order)).'.', $figures, $limit)],
            },
            'Taps told apart',
            then: 'Note which is on; the speed of each mode is set by its rise or its air for each ton.',
            bad: 'On another tap it may run for now; replace it.',
            else: 'Read every speed lead to common once more.',
        );
    }
}

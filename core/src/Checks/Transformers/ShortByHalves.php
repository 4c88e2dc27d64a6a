<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Transformers;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
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

/** Which branch of the 24 V side is shorted: half of those it may be are lifted, and half of the half that is left. */
final class ShortByHalves extends PartCheck
{
    /** All coils of a control side together have more ohms than this, and a short has less. [practice, no published source] */
    private const SHORT = 2.0;

    private const MOST = 32.0;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'short-24v',
            title: 'Short on 24 V, by halves',
            how: 'Power off. Number the branches that leave R or the fuse. Ohms from there to C: first with all on, then as it says.',
            mistake: 'A fuse put in again and again to see: each is a new burn somewhere.',
            caution: 'Power off and proved dead; 24 V branches run beside line voltage. Tag each wire that is lifted.',
            leavesOut: 'A short that is there only while something is pulled in, or shaken: it reads well now.',
            words: ['short', '24 v', 'blown fuse', '3 a', '5 a', 'thermostat wire', 'low voltage', 'transformer', 'halves', 'trips'],
            entries: [
                Entry::number('branches', 'branches', Dimension::Number),
                Entry::row('ohms', 'R to C, one after another', Dimension::Resistance, true),
            ],
            row: Row::of('R, fuse out', PieceShape::Insulation, 'all that is on', 'C', 'ohms'),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $branches = $given->number('branches');
        if ($branches !== floor($branches) || $branches > self::MOST) {
            throw BadGiven::cannotBe(sprintf('Branches are counted: 1 to %d.', self::MOST), 'branches');
        }
        $read = $given->row('ohms');
        $limit = new Limit('Coils together have some ohms, a short next to none: under two it is one.', Source::practice());
        $isShort = static fn (?float $ohms): bool => $ohms !== null && $ohms < self::SHORT;
        $figures = $read === [] ? [] : [new Figure('last read', Dimension::Resistance, $read[count($read) - 1])];
        if ($read === []) {
            $next = 'All of them on: ohms from R, or the fuse, to C.';

            return $this->said(Verdict::CannotSay, 'Read it with all branches on.', $next, [], $limit);
        }
        if (! $isShort($read[0])) {
            $next = 'Move the wires while it is read; then each coil pulled in.';

            return $this->said(Verdict::Good, 'No short there now.', $next, $figures, $limit);
        }
        $suspects = range(1, (int) $branches);
        foreach (array_slice($read, 1) as $ohms) {
            $lifted = self::half($suspects);
            // with half of them lifted: what is still shorted is in what is on
            $suspects = $isShort($ohms) ? array_values(array_diff($suspects, $lifted)) : $lifted;
        }

        return match (true) {
            count($suspects) > 1 => $this->said(
                Verdict::CannotSay,
                'It is one of branches '.self::named($suspects).'.',
                'Land all others. Lift '.self::named(self::half($suspects)).', and read again.',
                $figures,
                $limit,
            ),
            $suspects === [] => $this->said(
                Verdict::CannotSay,
                'Short with every one of them lifted.',
                'It lies before the branches: at the fuse, the transformer, or a branch that was not counted.',
                $figures,
                $limit,
            ),
            default => $this->said(
                Verdict::Bad,
                "Branch $suspects[0] is shorted.",
                'Along it the same way: at its middle, then at the middle of the half that is left.',
                $figures,
                $limit,
            ),
        };
    }

    /**
     * @param  list<int>  $suspects
     * @return list<int> the first half, the larger one where they are odd
     */
    private static function half(array $suspects): array
    {
        return array_slice($suspects, 0, (int) ceil(count($suspects) / 2));
    }

    /** @param  list<int>  $branches */
    private static function named(array $branches): string
    {
        return count($branches) > 2 ? $branches[0].' to '.$branches[count($branches) - 1] : implode(' or ', $branches);
    }

    /** @param  list<Figure>  $figures */
    private function said(Verdict $verdict, string $words, string $next, array $figures, Limit $limit): Judgement
    {
        return Judgement::ofAll([new Finding(
            $verdict,
            $words,
            $figures,
            $limit,
        )], 'No short there now', then: $next, bad: $next, else: $next);
    }
}

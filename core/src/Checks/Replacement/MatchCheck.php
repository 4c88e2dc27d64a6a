<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\Piece;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Post;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** A part that was there against one that is to be fitted: every mismatch with what comes of it. Whether to fit it is left to the hand. */
abstract class MatchCheck extends PartCheck
{
    /** @return non-empty-list<Comparison> the most important first */
    abstract public function comparisons(): array;

    /** @return list<string> the kinds of part it is for; none where no circuit file knows them */
    abstract public function kinds(): array;

    /**
     * Where the plate of such a part says what must match.
     *
     * @return array<string, list<string>> fields of a plate by the comparison, the first that a kind has
     */
    abstract public function plated(): array;

    /** A coil takes its own volts, within a tenth. [practice, no published source] */
    final protected static function coil(): Comparison
    {
        return Comparison::number(
            'coil',
            'coil volts',
            Dimension::Voltage,
            Rule::Within,
            Verdict::Bad,
            'Another coil voltage: it does not pull in, or burns.',
            0.1,
        );
    }

    /** @return list<Entry> habits of the shop that have a say */
    protected function habits(): array
    {
        return [];
    }

    /** @return list<Finding> what they say */
    protected function byHabit(Given $given): array
    {
        return [];
    }

    /** What is proved once it is in. */
    abstract protected function then(): string;

    /** The old one and the new one beside each other, with what is typed of one thing that must match. */
    final protected static function beside(PieceShape $shape, string $left, string $right, string $of): Row
    {
        return new Row(
            [new Post($left), new Post($right), new Post($left), new Post($right)],
            [new Piece($shape, 'was', "old_$of"), new Piece(PieceShape::Gap, ''), new Piece($shape, 'is', "new_$of")],
        );
    }

    /** @param  list<string>  $words */
    final protected function described(string $name, string $part, string $caution, string $leavesOut, array $words, Row $row): About
    {
        return new About(
            name: "replace-$name",
            title: "Replace: $part",
            how: 'Both plates side by side, the old one\'s and the new one\'s.',
            mistake: 'The part that was there may have been the wrong one itself: the unit\'s own plate comes first.',
            caution: $caution,
            leavesOut: $leavesOut,
            words: ['replace', 'replacement', 'substitute', 'universal', 'truck', 'match', 'cross', ...$words],
            entries: [
                ...array_merge(...array_map(static fn (Comparison $c): array => $c->entries(), $this->comparisons())),
                ...$this->habits(),
            ],
            row: $row,
        );
    }

    #[\Override]
    final public function judge(Given $given): Judgement
    {
        $findings = [
            ...array_values(array_filter(array_map(static fn (Comparison $c): ?Finding => $c->of($given), $this->comparisons()))),
            ...$this->byHabit($given),
        ];

        return Judgement::ofAll(
            $findings,
            'It matches',
            then: $this->then(),
            bad: 'Find one that matches; or change what hangs on it as well, by its maker\'s words.',
            else: $this->then(),
        );
    }
}

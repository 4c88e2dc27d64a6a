<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** A small drawing of where the probes go: posts in a row, and what lies between each and the next. */
final readonly class Row
{
    /**
     * @param  non-empty-list<Post>  $posts
     * @param  list<Piece>  $pieces  one fewer
     * @param  string  $over  what is read from the first to the last
     * @param  string  $entry  the name of the entry that is read there
     */
    public function __construct(public array $posts, public array $pieces, public string $over = '', public string $entry = '')
    {
        if (count($posts) !== count($pieces) + 1) {
            throw new \LogicException('Between posts lies one piece fewer than there are posts.');
        }
    }

    /** One piece between two posts. */
    public static function of(string $left, PieceShape $shape, string $words, string $right, string $entry = ''): self
    {
        return new self([new Post($left), new Post($right)], [new Piece($shape, $words, $entry)]);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What lies between two posts of a row. */
final readonly class Piece
{
    /**
     * @param  string  $words  beside it: what it is, and what it reads
     * @param  string  $entry  the name of the entry that is read there
     */
    public function __construct(public PieceShape $shape, public string $words, public string $entry = '')
    {
    }
}

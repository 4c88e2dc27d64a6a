<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\Piece;
use Levin\Core\Checks\Bench\Post;
use Levin\Core\Checks\Bench\Row;

/** A small drawing: posts in a row, and what lies between each and the next. */
final readonly class BenchRowData extends Data
{
    /**
     * @param  list<BenchPostData>  $posts
     * @param  list<BenchPieceData>  $pieces
     * @param  string  $over  what is read from the first to the last
     * @param  string  $entry  the entry that is read there
     */
    private function __construct(public array $posts, public array $pieces, public string $over, public string $entry)
    {
    }

    public static function of(Row $row): self
    {
        return new self(
            array_map(static fn (Post $p): BenchPostData => new BenchPostData($p->name, $p->role, $p->entry), $row->posts),
            array_map(static fn (Piece $p): BenchPieceData => new BenchPieceData($p->shape, $p->words, $p->entry), $row->pieces),
            $row->over,
            $row->entry,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\PieceShape;

/** What lies between two posts. */
final readonly class BenchPieceData extends Data
{
    /** @param  string  $entry  the entry that is read there */
    public function __construct(public PieceShape $shape, public string $words, public string $entry)
    {
    }
}

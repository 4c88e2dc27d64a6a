<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Drafting\Quick\Piece;

/** One thing on a rung. */
final readonly class QuickPieceData extends Data
{
    private function __construct(public string $id, public string $label, public string $kind)
    {
    }

    public static function of(Piece $piece): self
    {
        return new self($piece->id, $piece->label, $piece->kind);
    }
}

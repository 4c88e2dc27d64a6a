<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Drafting\Change;
use Levin\Core\Drafting\Sort;

/** One thing that a circuit has otherwise than before. */
final readonly class ChangeData extends Data
{
    /** @param  string  $on  part or wire id; empty for what is not drawn */
    private function __construct(public string $on, public Sort $sort, public string $words)
    {
    }

    public static function of(Change $change): self
    {
        return new self($change->on, $change->sort, $change->words);
    }
}

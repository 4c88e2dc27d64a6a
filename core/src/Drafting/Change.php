<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/** One thing that a circuit has otherwise than before. */
final readonly class Change
{
    /** @param  string  $on  part or wire id; empty for what is not drawn */
    public function __construct(public string $on, public Sort $sort, public string $words)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Desk;

/** What comes back from a desk. */
final readonly class Answer
{
    /** @param  mixed  $value  what was asked for, or why it could not be answered */
    public function __construct(public bool $isThere, public mixed $value)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Checks\Bench\Kept;

/** A part judged on one visit. */
final readonly class JudgedThen
{
    /**
     * @param  string  $event  its id
     * @param  string|null  $struck  why it was struck out
     */
    public function __construct(public string $event, public Kept $kept, public ?string $struck)
    {
    }
}

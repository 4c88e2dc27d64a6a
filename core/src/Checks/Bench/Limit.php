<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What a part is held against. */
final readonly class Limit
{
    /** @param  string  $words  in a sentence */
    public function __construct(public string $words, public Source $source)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Checks\Bench\Kept;

/** A check of the bench that verifies a unit where it matters, besides what its loads draw. */
final readonly class MoreToMeasure
{
    /**
     * @param  string  $check  its name
     * @param  string  $title  the same in words
     * @param  string  $what  it verifies, in a few words
     * @param  Kept|null  $kept  what it came to since the last repair; null where it was not made
     */
    public function __construct(public string $check, public string $title, public string $what, public ?Kept $kept)
    {
    }
}

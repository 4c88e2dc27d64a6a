<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\Rung\MoreToMeasure;

/** A check of the bench that verifies a unit where it matters. */
final readonly class MoreData extends Data
{
    /** @param  PartVerdictData|null  $judged  what it came to since the last repair */
    private function __construct(public string $check, public string $title, public string $what, public ?PartVerdictData $judged)
    {
    }

    public static function of(MoreToMeasure $more): self
    {
        return new self($more->check, $more->title, $more->what, $more->kept === null ? null : PartVerdictData::of($more->kept));
    }
}

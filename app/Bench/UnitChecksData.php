<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;

/** What was judged of a unit's parts. */
final readonly class UnitChecksData extends Data
{
    /** @param  list<PartHistoryData>  $parts  the one that was judged last first; a part once for each check */
    public function __construct(public array $parts)
    {
    }
}

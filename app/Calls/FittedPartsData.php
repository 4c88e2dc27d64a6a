<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** The parts that were fitted to a unit. */
final readonly class FittedPartsData extends Data
{
    /** @param  list<FittedPartData>  $parts  the last first */
    public function __construct(public array $parts)
    {
    }
}

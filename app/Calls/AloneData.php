<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** What tells whether a part or wire is good by itself. */
final readonly class AloneData extends Data
{
    /** @param  list<AdviceData>  $tests  the one that tells most a minute first */
    public function __construct(public array $tests)
    {
    }
}

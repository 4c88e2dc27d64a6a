<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** What tells whether a part or wire is good by itself. */
final readonly class AloneData extends Data
{
    /**
     * @param  list<AdviceData>  $tests  with the power off, the one that tells most a minute first
     * @param  list<AdviceData>  $fed  under load
     */
    public function __construct(public array $tests, public array $fed)
    {
    }
}

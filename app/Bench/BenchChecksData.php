<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;

/** Every check of the bench. */
final readonly class BenchChecksData extends Data
{
    /** @param  list<BenchCheckData>  $checks  by title */
    public function __construct(public array $checks)
    {
    }
}

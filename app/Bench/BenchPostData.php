<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;

/** Where a probe goes. */
final readonly class BenchPostData extends Data
{
    /** @param  string  $entry  the entry that names it */
    public function __construct(public string $name, public string $role, public string $entry)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** Who took a call in from a file, and when. */
final readonly class ImportData extends Data
{
    public function __construct(public string $by, public string $at)
    {
    }
}

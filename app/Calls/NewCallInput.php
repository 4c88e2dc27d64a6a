<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** What opening a call takes. */
final readonly class NewCallInput extends Data
{
    public function __construct(public string $complaint)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** The circuit that a call goes on with. */
final readonly class RedrawInput extends Data
{
    public function __construct(public int $revision)
    {
    }
}

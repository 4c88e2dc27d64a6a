<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;

/** A number with what it is of, or a limit with its source. */
final readonly class SaidData extends Data
{
    public function __construct(public string $label, public string $says)
    {
    }
}

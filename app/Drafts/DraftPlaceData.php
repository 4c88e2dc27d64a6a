<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** Where parts sit. */
final readonly class DraftPlaceData extends Data
{
    /** @param  float  $minutes  to get at it */
    public function __construct(public string $id, public string $label, public float $minutes)
    {
    }
}

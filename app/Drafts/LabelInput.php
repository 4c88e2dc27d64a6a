<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** A photograph of the label that a draft is copied from. */
final readonly class LabelInput extends Data
{
    /** @param  string|null  $photo  as it was kept; null to take it away */
    public function __construct(public ?string $photo)
    {
    }
}

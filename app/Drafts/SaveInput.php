<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** Why a revision was made, in words. */
final readonly class SaveInput extends Data
{
    public function __construct(public string $note)
    {
    }
}

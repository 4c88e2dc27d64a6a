<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** What someone is making and has not saved. */
final readonly class DraftsData extends Data
{
    /** @param  list<OpenDraftData>  $items  the one changed last first */
    public function __construct(public array $items)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Find;

use App\Api\Data;

/** What a search of everything has found. */
final readonly class FoundListData extends Data
{
    /**
     * @param  list<FoundData>  $items  units first, the latest calls after them
     * @param  bool  $more  whether there is more than these
     */
    public function __construct(public array $items, public bool $more)
    {
    }
}

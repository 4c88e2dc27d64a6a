<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\SwapLead;
use Levin\Core\Record\SwapList;

/** The wires of a part that is swapped. */
final readonly class SwapListData extends Data
{
    /** @param  list<SwapLeadData>  $leads  in the order of its terminals */
    private function __construct(public string $part, public string $label, public array $leads, public bool $isDone)
    {
    }

    public static function of(SwapList $list): self
    {
        $leads = array_map(static fn (SwapLead $l): SwapLeadData => SwapLeadData::of($l), $list->leads);

        return new self($list->part, $list->label, $leads, $list->isDone);
    }
}

<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use App\Circuits\SequenceStepData;

/** What a circuit in the making does. */
final readonly class DraftSequenceData extends Data
{
    /** @param  list<SequenceStepData>  $steps  none while it is not sound */
    public function __construct(public array $steps)
    {
    }
}

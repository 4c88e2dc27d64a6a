<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** An event that was taken into the log, and what it means. */
final readonly class TakenData extends Data
{
    /** @param  MeaningData|null  $meaning  none of what is no evidence */
    public function __construct(public string $id, public ?MeaningData $meaning)
    {
    }
}

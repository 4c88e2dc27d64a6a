<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\Verdict;

/** What a check of the bench says of a part. */
final readonly class PartVerdictData extends Data
{
    private function __construct(public Verdict $verdict, public string $headline)
    {
    }

    public static function of(Kept $kept): self
    {
        return new self($kept->verdict, $kept->headline);
    }
}

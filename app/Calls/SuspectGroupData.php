<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\SuspectGroup;

/** Suspects that no test in play can tell apart. */
final readonly class SuspectGroupData extends Data
{
    /**
     * @param  list<string>  $faults  empty for the healthy unit
     * @param  list<string>  $labels
     */
    private function __construct(public array $faults, public array $labels, public float $probability)
    {
    }

    public static function of(SuspectGroup $group): self
    {
        return new self($group->faults, $group->labels, $group->probability);
    }
}

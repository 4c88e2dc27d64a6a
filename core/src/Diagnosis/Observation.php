<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;

/** What eyes and ears report of one part: runs, hums, silent, pulled in, dropped out. */
final readonly class Observation implements Evidence
{
    public function __construct(public string $part, public string $seen, private Conditions $conditions)
    {
    }

    #[\Override]
    public function conditions(): Conditions
    {
        return $this->conditions;
    }
}

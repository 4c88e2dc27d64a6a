<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Evidence;

/** Someone's way to choose what to test next. */
interface Strategy
{
    /**
     * @param  non-empty-list<Evidence>  $evidence
     * @return Candidate|null null when there is nothing left to do
     */
    public function next(Assessment $assessment, array $evidence): ?Candidate;
}

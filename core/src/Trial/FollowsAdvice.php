<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;

/** Does what Levin says. */
final readonly class FollowsAdvice implements Strategy
{
    #[\Override]
    public function next(Assessment $assessment, array $evidence): ?Candidate
    {
        return ($assessment->next[0] ?? null)?->candidate;
    }
}

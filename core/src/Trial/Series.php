<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Investigation;

/** Takes what tests there are one after another, as the drawing has the parts, and never the same twice. */
final readonly class Series implements Strategy
{
    public function __construct(private Investigation $investigation)
    {
    }

    #[\Override]
    public function next(Assessment $assessment, array $evidence): ?Candidate
    {
        return $this->investigation->left($evidence)[0] ?? null;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Investigation;

/** Takes any test there is that has not been made. */
final readonly class AtRandom implements Strategy
{
    public function __construct(private Investigation $investigation, private Dice $dice)
    {
    }

    #[\Override]
    public function next(Assessment $assessment, array $evidence): ?Candidate
    {
        $left = $this->investigation->left($evidence);

        return $left === [] ? null : $this->dice->pick($left);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Evidence;
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
        $done = array_map(static fn (Evidence $e): string => $e->key(), $evidence);
        $left = array_values(array_filter(
            $this->investigation->every($evidence[count($evidence) - 1]->when->conditions),
            static fn (Candidate $c): bool => ! in_array($c->key(), $done, true),
        ));

        return $left === [] ? null : $this->dice->pick($left);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** A page that knows whether anything has come to it. */
trait Growing
{
    private bool $hasGrown = false;

    #[\Override]
    public function hasGrown(): bool
    {
        [$hasGrown, $this->hasGrown] = [$this->hasGrown, false];

        return $hasGrown;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * Whoever works things out takes one between two pieces of work, where all that is kept is whole. It may throw: then the rest is left, and
 * goes on from there when it is asked for again.
 */
interface Pause
{
    public function take(): void;
}

<?php

declare(strict_types=1);

namespace App\Circuits;

/** What the suspects of a new circuit go through is worked out before its first call, where that may take a core. */
final readonly class Ahead
{
    public function __construct(private bool $may)
    {
    }

    public function of(CircuitRevision $revision): void
    {
        if ($this->may) {
            Detached::artisan(['levin:work-out', (string) $revision->id, '--quiet'], isNice: true);
        }
    }
}

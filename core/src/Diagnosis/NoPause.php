<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Goes on until it is done. */
final readonly class NoPause implements Pause
{
    #[\Override]
    public function take(): void
    {
    }
}

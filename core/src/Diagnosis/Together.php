<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Two faults that there may be at once, and how probable that is. */
final readonly class Together
{
    public function __construct(public string $label, public float $probability)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** How probable it is that something is wrong with a part or wire. */
final readonly class PartShare
{
    public function __construct(public string $target, public string $label, public float $probability)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** How probable it is that something is wrong with a part or wire, and what. */
final readonly class PartShare
{
    /** @param  list<string>  $faults  what may be wrong with it, the most probable first; without its name */
    public function __construct(public string $target, public string $label, public float $probability, public array $faults)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a suspect says to one test: one that was made, or one that could be. */
final readonly class Explained
{
    /**
     * @param  string  $test  what was learned, or what would be done
     * @param  string  $would  what it would show if this were so, as a technician says it
     * @param  bool|null  $fits  whether what was learned is explained by it; null for what has not been made
     */
    public function __construct(public string $test, public string $would, public ?bool $fits)
    {
    }
}

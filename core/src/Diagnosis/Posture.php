<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** How every part of a unit stands and what is seen of it; many scenes share one. */
final readonly class Posture
{
    /**
     * @param  array<string, string>  $observed  what is seen of each part
     * @param  array<string, string>  $states
     * @param  string  $key  the same where every part is seen and stands alike, whatever the speeds
     */
    public function __construct(public array $observed, public array $states, public string $key)
    {
    }
}

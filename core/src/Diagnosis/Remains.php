<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Parts\Faults;

/** What may be left of a unit once power is off. */
final readonly class Remains
{
    /**
     * @param  int  $number  its own among all variants', below zero
     * @param  float  $share  how often it is so
     * @param  array<string, string>  $states
     */
    public function __construct(public Faults $faults, public int $number, public float $share, public array $states)
    {
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** Something that a unit does, at a time. */
final readonly class SequenceStep
{
    /**
     * @param  float  $at  seconds since power and call came on
     * @param  string  $does  as it is observed from then on
     */
    public function __construct(public float $at, public string $part, public string $label, public string $does)
    {
    }
}

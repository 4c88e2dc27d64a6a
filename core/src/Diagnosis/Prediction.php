<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a meter would show under one suspect. */
final readonly class Prediction
{
    /**
     * @param  float|null  $value  SI; null for OL
     * @param  bool  $isGhost  on a conductor that hangs by stray capacitance: it says little, its spread is decades wide
     */
    public function __construct(public ?float $value, public bool $isGhost = false)
    {
    }
}

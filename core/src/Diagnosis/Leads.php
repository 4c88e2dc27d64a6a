<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;

/** Where the leads of a meter are, and what it is set to. */
final readonly class Leads
{
    public function __construct(public MeterFunction $function, public string $red, public string $black)
    {
    }

    /** The same whichever way round they are held. */
    public function key(): string
    {
        return $this->function->value.' '.min($this->red, $this->black).' '.max($this->red, $this->black);
    }
}

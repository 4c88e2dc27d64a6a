<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** A fault that is in force, with how bad it is. Its id is `PART:MODE`, or `PART:MODE=AMOUNT`. */
final readonly class InjectedFault
{
    /** @param  float|null  $amount  in the mode's unit; null for the usual */
    public function __construct(public Fault $fault, public ?float $amount = null)
    {
    }

    public function id(): string
    {
        return $this->fault->id().($this->amount === null ? '' : "=$this->amount");
    }
}

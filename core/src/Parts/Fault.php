<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** One failure mode of one part or wire of a circuit. Its id is `PART:MODE`. */
final readonly class Fault
{
    /**
     * @param  string  $target  a part's id, or a wire's
     * @param  string  $label  the whole sentence-like name, part included
     */
    public function __construct(public string $target, public FaultMode $mode, public string $label, public bool $inWire)
    {
    }

    public function id(): string
    {
        return $this->target.':'.$this->mode->id;
    }
}

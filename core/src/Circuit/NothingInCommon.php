<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/** Two wires were to be swapped that land on no part together. */
final class NothingInCommon extends CircuitException
{
    private function __construct(public readonly Wire $first, public readonly Wire $second)
    {
        parent::__construct("Wires $first->id and $second->id have no part in common on which they could be swapped.");
    }

    public static function of(Wire $first, Wire $second): self
    {
        return new self($first, $second);
    }
}

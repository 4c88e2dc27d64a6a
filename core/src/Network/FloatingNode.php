<?php

declare(strict_types=1);

namespace Levin\Core\Network;

/** A node is joined to nothing, not even by stray capacitance, so its voltage is not defined. */
final class FloatingNode extends NetworkException
{
    private function __construct(public readonly int $node)
    {
        parent::__construct("Node $node is joined to nothing.");
    }

    public static function at(int $node): self
    {
        return new self($node);
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Network;

/**
 * One element of the network between numbered nodes; node −1 is the reference (earth).
 */
final readonly class Branch
{
    /**
     * @param  list<int>  $nodes  two nodes, or four for a coupled pair of ports
     * @param  bool  $injects  whether it carries a current source beside its admittance
     */
    public function __construct(public array $nodes, public bool $injects = false)
    {
    }

    /** How many complex admittances it carries. */
    public function values(): int
    {
        return $this->isCoupled() ? 4 : 1;
    }

    public function isCoupled(): bool
    {
        return count($this->nodes) === 4;
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

/** A fuse or breaker of a unit against the loads behind it. */
final readonly class BranchCircuit
{
    /**
     * @param  string  $device  part id
     * @param  float  $fitted  amperes it is rated for
     * @param  list<string>  $loads  part ids
     * @param  string  $rule  the article of the code that says so
     */
    public function __construct(
        public string $device,
        public float $fitted,
        public array $loads,
        public float $minimumAmpacity,
        public int $maximumDevice,
        public string $rule,
    ) {
    }

    public function isOverfused(): bool
    {
        return $this->fitted > $this->maximumDevice;
    }
}

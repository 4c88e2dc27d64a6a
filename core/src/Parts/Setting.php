<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Conditions;

/**
 * Under what a part gives its values: the conditions, its own injected fault, and whether the solve is a.c. or d.c.
 */
final readonly class Setting
{
    /**
     * @param  list<string>  $modes  this part's failure modes in force
     * @param  float  $omega  rad/s; zero for a d.c. solve
     */
    public function __construct(
        public Conditions $conditions,
        public array $modes,
        public float $omega,
        public bool $sources,
    ) {
    }

    public function has(string $mode): bool
    {
        return in_array($mode, $this->modes, true);
    }

    public function isDirect(): bool
    {
        return $this->omega == 0.0;
    }

    public function isOn(string $condition): bool
    {
        return $this->conditions->isOn($condition);
    }
}

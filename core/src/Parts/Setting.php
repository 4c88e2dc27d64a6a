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
     * @param  list<string>  $modes  this part's failure modes in force, as `mode` or `mode=amount`
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
        if (in_array($mode, $this->modes, true)) {
            return true;
        }
        foreach ($this->modes as $m) {
            if (str_starts_with($m, "$mode=")) {
                return true;
            }
        }

        return false;
    }

    /** How bad a failure is, in the mode's unit; the mode's usual amount when the fault was injected without one. */
    public function amount(string $mode, float $usual): float
    {
        foreach ($this->modes as $m) {
            if (str_starts_with($m, "$mode=")) {
                return (float) substr($m, strlen($mode) + 1);
            }
        }

        return $usual;
    }

    /** A quantity of the world, in its own unit. */
    public function quantity(string $name): float
    {
        return $this->conditions->number($name);
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

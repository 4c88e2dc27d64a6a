<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Conditions;

/**
 * Under what a part gives its values: the conditions, its own injected faults, and whether the solve is a.c. or d.c.
 */
final readonly class Setting
{
    /**
     * @param  array<string, float|null>  $modes  this part's failure modes in force, each with how bad it is; null where that is the usual
     * @param  float  $omega  rad/s; zero for a d.c. solve
     */
    public function __construct(
        public Conditions $conditions,
        public array $modes,
        public float $omega,
        public bool $sources = true,
    ) {
    }

    public function has(string $mode): bool
    {
        return array_key_exists($mode, $this->modes);
    }

    /** How bad a failure is, in the mode's unit; the mode's usual amount when the fault was injected without one. */
    public function amount(string $mode, float $usual): float
    {
        return $this->modes[$mode] ?? $usual;
    }

    /** The same for a failure that may not be there: then what a healthy part has. */
    public function degree(string $mode, float $usual, float $healthy): float
    {
        return $this->has($mode) ? $this->amount($mode, $usual) : $healthy;
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

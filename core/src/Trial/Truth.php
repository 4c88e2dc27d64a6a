<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Parts\Faults;

/** What is wrong with a unit, and nobody at it knows. */
final readonly class Truth
{
    /**
     * @param  float  $weight  how often it is so, against other truths
     * @param  Conditions|null  $conditions  under which it is met, when not the usual ones
     */
    public function __construct(public Sort $sort, public Faults $faults, public float $weight, public ?Conditions $conditions = null)
    {
    }

    /** @return list<string> fault ids without amounts */
    public function ids(): array
    {
        return array_map(static fn ($injected): string => $injected->fault->id(), $this->faults->all);
    }

    public function words(): string
    {
        return $this->faults->isEmpty() ? 'healthy '.$this->conditions?->key() : implode(' + ', $this->faults->ids());
    }
}

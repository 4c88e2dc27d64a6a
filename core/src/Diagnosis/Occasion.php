<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;

/** When something is seen or measured: under which conditions, and how long after they came about, when that was noted. */
final readonly class Occasion
{
    /** @param  float|null  $after  seconds since power and call came on; null for whenever the technician was there */
    public function __construct(public Conditions $conditions, public ?float $after = null)
    {
    }

    /** Two occasions with the same key are the same. */
    public function key(): string
    {
        return $this->conditions->key().($this->after === null ? '' : sprintf(' after %.3g s', $this->after));
    }
}

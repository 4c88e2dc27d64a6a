<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;

/**
 * When something is seen or measured: under which conditions, and how long after they came about, when that was noted; and whether what
 * had opened by its heat was still open when it was started again.
 */
final readonly class Occasion
{
    /** @param  float|null  $after  seconds since power and call came on; null for whenever the technician was there */
    public function __construct(public Conditions $conditions, public ?float $after = null, public bool $isHot = false)
    {
    }

    /** A start of the same, before what had opened by its heat has closed. */
    public function hot(): self
    {
        return new self($this->conditions, $this->after, true);
    }

    /** Two occasions with the same key are the same. */
    public function key(): string
    {
        return $this->conditions->key().($this->after === null ? '' : sprintf(' after %.3g s', $this->after)).($this->isHot ? ' hot' : '');
    }
}

<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

use Levin\Core\Units\Dimension;
use Levin\Core\Units\Unit;

/** A number behind a verdict. */
final readonly class Figure
{
    /** @param  float|null  $value  SI; null for a meter over its range */
    public function __construct(public string $label, public Dimension $dimension, public ?float $value)
    {
    }

    /** In a unit, the one that fits where none is said. */
    public function shown(?Unit $unit = null): string
    {
        return $this->value === null ? 'OL' : ($unit ?? $this->dimension->fitting($this->value))->show($this->value);
    }
}

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

    /** @return array{label: string, dimension: string, value: float|null} as it is stored, in SI */
    public function data(): array
    {
        return ['label' => $this->label, 'dimension' => $this->dimension->value, 'value' => $this->value];
    }

    /** @param  array<array-key, mixed>  $data  as it was stored */
    public static function stored(array $data): self
    {
        [$label, $dimension, $value] = [$data['label'] ?? '', $data['dimension'] ?? '', $data['value'] ?? null];

        return new self(
            is_string($label) ? $label : '',
            Dimension::tryFrom(is_string($dimension) ? $dimension : '') ?? Dimension::Number,
            is_int($value) || is_float($value) ? (float) $value : null,
        );
    }

    /** In a unit, the one that fits where none is said. */
    public function shown(?Unit $unit = null): string
    {
        return $this->value === null ? 'OL' : ($unit ?? $this->dimension->fitting($this->value))->show($this->value);
    }
}

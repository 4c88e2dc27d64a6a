<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Meter\QuantityEntry;

/** Something of the world that there is an instrument for. */
final readonly class QuantityData extends Data
{
    /** @param  list<string>  $units  it may be entered in, the circuit's own first */
    private function __construct(public string $name, public string $label, public array $units)
    {
    }

    public static function of(Quantity $quantity): self
    {
        return new self($quantity->name, $quantity->label, QuantityEntry::units($quantity));
    }
}

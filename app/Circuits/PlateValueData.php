<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;

/** A number on a part's plate. */
final readonly class PlateValueData extends Data
{
    public function __construct(public string $name, public float $value, public string $unit, public string $meaning)
    {
    }
}

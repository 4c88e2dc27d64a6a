<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Data;

/** The units someone prefers. */
final readonly class UnitsInput extends Data
{
    /** @param  array<string, string>  $units  symbol by dimension; the usual one of the rest */
    public function __construct(public array $units)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;

/** A line of the table that is printed on a unit. */
final readonly class PrintedData extends Data
{
    /** @param  string  $seen  a lamp, a flash code */
    public function __construct(public string $seen, public string $means)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** Whose call it is. */
final readonly class PersonData extends Data
{
    public function __construct(public int $id, public string $name)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Data;

/** What changing a habit takes. */
final readonly class HabitInput extends Data
{
    public function __construct(public string $habit, public string $choice)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Database;

/** How moments stand in the database: UTC, to the millisecond, so that they sort as text. */
final class Dates
{
    public const FORMAT = 'Y-m-d H:i:s.v';
}

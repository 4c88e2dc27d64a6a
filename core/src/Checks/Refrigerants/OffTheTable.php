<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

use Levin\Core\Checks\ChecksException;

/** Colder or hotter than the table of a refrigerant goes. */
final class OffTheTable extends ChecksException
{
    public function __construct()
    {
        parent::__construct('This is beyond the table of this refrigerant.');
    }
}

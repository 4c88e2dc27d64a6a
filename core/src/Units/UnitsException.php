<?php

declare(strict_types=1);

namespace Levin\Core\Units;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class UnitsException extends LevinException
{
}

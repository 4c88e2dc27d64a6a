<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class MeterException extends LevinException
{
}

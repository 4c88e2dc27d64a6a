<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class CircuitException extends LevinException
{
}

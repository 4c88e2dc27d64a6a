<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class OperationException extends LevinException
{
}

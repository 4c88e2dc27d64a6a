<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class ChecksException extends LevinException
{
}

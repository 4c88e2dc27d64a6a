<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class ConsoleException extends LevinException
{
}

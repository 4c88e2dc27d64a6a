<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class PartsException extends LevinException
{
}

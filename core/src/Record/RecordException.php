<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class RecordException extends LevinException
{
}

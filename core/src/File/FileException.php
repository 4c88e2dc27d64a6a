<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class FileException extends LevinException
{
}

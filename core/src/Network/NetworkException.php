<?php

declare(strict_types=1);

namespace Levin\Core\Network;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class NetworkException extends LevinException
{
}

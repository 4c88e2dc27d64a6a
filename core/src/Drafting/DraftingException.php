<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\LevinException;

/** What this folder throws. */
abstract class DraftingException extends LevinException
{
}

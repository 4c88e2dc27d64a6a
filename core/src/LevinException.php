<?php

declare(strict_types=1);

namespace Levin\Core;

/** What the core throws for what it was given. The message says what is wrong and what to do. Each folder has its own branch. */
abstract class LevinException extends \DomainException
{
}

<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** A part as the file states it cannot be: what is wrong with it, and what to do. */
abstract class UnusablePart extends PartsException
{
    final protected function __construct(public readonly string $what, public readonly string $remedy)
    {
        parent::__construct("$what $remedy");
    }
}

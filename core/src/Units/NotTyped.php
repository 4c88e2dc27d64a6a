<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/** What was typed is no number. Whoever asked for it knows what to say of it. */
final class NotTyped extends UnitsException
{
    public function __construct(public readonly TypingFault $fault)
    {
        parent::__construct('That is not a number.');
    }
}

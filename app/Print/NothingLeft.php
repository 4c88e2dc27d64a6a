<?php

declare(strict_types=1);

namespace App\Print;

/** There is nothing to tag. The message says what to do. */
final class NothingLeft extends \RuntimeException
{
    public static function on(int $number): self
    {
        return new self("Nothing is left off on call $number. Say at Repair how the unit is left; then its tag can be printed.");
    }
}

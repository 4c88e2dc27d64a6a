<?php

declare(strict_types=1);

namespace App\Drafts;

use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A draft stands at another step than whoever changes it thinks: it was changed on another screen. */
final class MovedOn extends ConflictHttpException
{
    public static function to(int $at): self
    {
        return new self("This draft was changed on another screen and stands at step $at now. Look at it again, then change it.");
    }
}

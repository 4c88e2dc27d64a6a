<?php

declare(strict_types=1);

namespace App\Calls;

/** How far a call is. */
enum Stage: string
{
    case Scheduled = 'scheduled';
    case Open = 'open';
    case Found = 'found';
    case Closed = 'closed';
}

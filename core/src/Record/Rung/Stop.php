<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

/** The stops of a call, in the order of work. */
enum Stop: string
{
    case Arrive = 'arrive';
    case Trace = 'trace';
    case Cause = 'cause';
    case Repair = 'repair';
    case Verify = 'verify';
    case HandOver = 'hand-over';
}

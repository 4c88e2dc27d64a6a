<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** Why a test cannot be made now. */
enum Barred: string
{
    /** a place: locked, too high, under a load */
    case CannotReach = 'cannot reach';

    /** the unit may not be shut down until it cycles off by itself */
    case MustRun = 'must run';

    /** one test, not now */
    case NotNow = 'not now';
}

<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

/** Sorts of truths that are tried. */
enum Sort: string
{
    /** one part has failed in one way */
    case Single = 'single';

    /** one that has degrees, somewhere between the slightest and the worst */
    case Degree = 'degree';

    /** two that have nothing to do with each other, or one that has taken the other with it */
    case Pair = 'pair';

    /** one that is there now and then */
    case Intermittent = 'intermittent';

    /** nothing wrong, and the unit goes on and off by itself or waits */
    case Cycling = 'cycling';
}
